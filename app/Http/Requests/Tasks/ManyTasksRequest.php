<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\Ahead;
use App\Http\Requests\InputRequest;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Subject\TaskAction;

/** The same for several tasks at once. */
final class ManyTasksRequest extends InputRequest
{
    use AsksForAction;

    /** What may be done with several. */
    public const ACTIONS = [TaskAction::HandOn, TaskAction::Complete, TaskAction::Postpone, TaskAction::ToHandOn];

    private const MOST = 200;

    public function authorize(): bool
    {
        return $this->user()?->can('find', Task::class) === true;
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
                    'at' => Ahead::RULES,
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
}
