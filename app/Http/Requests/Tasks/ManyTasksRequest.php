<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\InputRequest;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Subject\TaskAction;

/** The same for several tasks at once. */
final class ManyTasksRequest extends InputRequest
{
    /** What may be done with several. */
    public const ACTIONS = [TaskAction::HandOn, TaskAction::Complete, TaskAction::Postpone, TaskAction::ToHandOn];

    private const MOST = 200;

    public function authorize(): bool
    {
        return $this->user()?->can('find', Task::class) === true;
    }

    /** By the last part of the address: "hand-on". */
    public function action(): TaskAction
    {
        return TaskAction::from(str_replace('-', '_', basename($this->path())));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ids' => ['required', 'array', 'max:' . self::MOST],
            'ids.*' => ['required', 'string', 'ulid', 'distinct'],
        ] +
            match ($this->action()) {
                TaskAction::HandOn => [
                    'to' => ['required', 'string', Rule::exists('people', 'slug')->where('active', true)],
                    'reason' => ['required', 'string', 'max:' . TextLimits::REASON],
                ],
                TaskAction::Postpone => [
                    'at' => ['bail', 'required', 'string', 'date', 'after:now', 'before:+5 years'],
                    'note' => ['nullable', 'string', 'max:' . TextLimits::REASON],
                ],
                default => [],
            };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'to.*' => 'Choose a person.',
            'reason.*' => 'Say in a few words why.',
            'at.*' => 'Give a moment that is still to come.',
        ];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_values(array_filter((array) $this->validated('ids'), is_string(...)));
    }

    public function to(): Person
    {
        return Person::query()
            ->where('slug', $this->string('to')->toString())
            ->firstOrFail();
    }

    public function reason(): string
    {
        return trim($this->string('reason')->toString());
    }

    public function at(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('at')->toString());
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }
}
