<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Cases\CaseFilter;
use App\Http\Requests\InputRequest;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskList;
use App\Tasks\TaskFilter;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** A name for a list of tasks or cases. */
final class NamedListRequest extends InputRequest
{
    public function authorize(): bool
    {
        $what = $this->of() === TaskList::CASES ? CustomerCase::class : Task::class;

        return $this->user()?->can('find', $what) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:' . TextLimits::LABEL],
            'shared' => ['required', 'boolean'],
            'of' => ['nullable', Rule::in(TaskList::OF)],
            'query' => ['present', 'array', 'max:20'],
            'query.*' => ['nullable', 'string', 'max:2000'],
        ];
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }

    public function shared(): bool
    {
        return $this->boolean('shared');
    }

    /** Of tasks or of cases. */
    public function of(): string
    {
        return $this->filled('of') ? $this->string('of')->toString() : TaskList::TASKS;
    }

    /** @return array<string, string> what stands in its address */
    public function params(): array
    {
        $query = [];
        foreach ((array) $this->validated('query') as $member => $value) {
            if (is_string($value)) {
                $query[(string) $member] = $value;
            }
        }

        return $this->of() === TaskList::CASES ? CaseFilter::of($query)->params() : (new TaskFilter($query))->params();
    }
}
