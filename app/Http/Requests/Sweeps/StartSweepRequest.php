<?php

declare(strict_types=1);

namespace App\Http\Requests\Sweeps;

use App\Http\Invalid;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Tasks\TaskListRequest;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\NamedSweep;
use App\Sweeps\SweepOrder;
use App\Tasks\TaskFilter;
use Illuminate\Validation\ValidationException;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\Rule;

/** A sweep, or a rule in force, over tasks that are named or over a list of them. */
final class StartSweepRequest extends InputRequest
{
    private const MOST_IDS = 1_000;

    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $filter = [];
        foreach (TaskListRequest::members() as $name => $rules) {
            $filter["filter.{$name}"] = $rules;
        }

        return [
            'sweep' => ['nullable', 'string', 'ulid'],
            'rule' => ['nullable', 'string', 'max:' . TextLimits::ID],
            'ids' => ['nullable', 'array', 'max:' . self::MOST_IDS],
            'ids.*' => ['required', 'string', 'ulid', 'distinct'],
            'filter' => ['nullable', 'array'],
        ] + $filter;
    }

    /** @throws ValidationException where there is no such sweep, or no such rule in force */
    public function order(Viewer $viewer): SweepOrder
    {
        return new SweepOrder($this->what($viewer), $this->chosen(), $viewer->user());
    }

    private function what(Viewer $viewer): NamedSweep|Rule
    {
        if ($this->filled('sweep')) {
            return NamedSweep::query()->find($this->string('sweep')->toString()) ??
                throw Invalid::at('sweep', 'There is no such sweep any more.');
        }
        $id = $this->string('rule')->toString();
        foreach ($viewer->house()->rulebook()->rulebook->rules as $rule) {
            if ($rule->id === $id) {
                return $rule->active ? $rule : throw Invalid::at('rule', 'This rule is paused.');
            }
        }
        throw Invalid::at('rule', 'Choose a sweep, or a rule that is in force.');
    }

    /** @return array{filter: array<string, string>}|array{ids: list<string>} */
    private function chosen(): array
    {
        if ($this->filled('ids')) {
            return ['ids' => array_values(array_filter((array) $this->validated('ids'), is_string(...)))];
        }
        $filter = [];
        foreach ((array) $this->validated('filter') as $name => $value) {
            $filter[(string) $name] = is_string($value) ? $value : '';
        }

        return ['filter' => (new TaskFilter($filter))->params()];
    }
}
