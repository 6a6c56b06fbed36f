<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\Ahead;
use App\Http\Requests\Intake\TaskRequest;
use App\Http\Requests\People\EndsSomeTime;
use App\Http\Requests\Whole;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Subject\Asked;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\Transitions;

/** An action of the table of transitions on a task: what it asks for follows from there. */
final class TaskActionRequest extends TaskRequest
{
    use AsksForAction;

    /** What is said of these stands beside the task in a list, or in its history; of the others on the task itself. */
    private const SHORT = [TaskAction::Postpone, TaskAction::ToHandOn, TaskAction::AskReview, TaskAction::Approve];

    public function authorize(): bool
    {
        return $this->user()?->can('perform', [$this->task(), $this->action()]) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [
            Asked::To->value => ['required', 'string', 'exists:people,slug'],
            Asked::Reason->value => [
                'required',
                'string',
                'min:3',
                $this->action() === TaskAction::Wait ? 'max:' . TextLimits::NAME : 'max:' . TextLimits::REASON,
            ],
            Asked::Note->value => [
                'nullable',
                'string',
                'max:' . (in_array($this->action(), self::SHORT, true) ? TextLimits::REASON : TextLimits::PROSE),
            ],
            Asked::From->value => Ahead::RULES,
            Asked::Until->value => ['bail', 'nullable', 'string', 'date', 'after:now'],
            Asked::On->value => [
                'bail',
                'nullable',
                'string',
                new SeesTask($this->user()),
                new EndsSomeTime($this->task()),
            ],
            Asked::Anyway->value => ['nullable', 'boolean'],
            Asked::Spent->value => ['nullable', new Whole(0, 60000)],
        ];

        return parent::rules() +
            array_intersect_key($rules, array_flip(array_column(Transitions::of($this->action())->asks, 'value')));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'to.*' => 'Choose a person.',
            'reason.*' => 'Say in a few words why.',
            'spent.*' => 'Give the minutes spent as a whole number.',
            'at.*' => 'Give a moment that is still to come.',
            'until.*' => 'Give a moment that is still to come, or none.',
        ];
    }

    public function to(): Person
    {
        return Person::query()
            ->where('slug', $this->string('to')->toString())
            ->where('active', true)
            ->firstOrFail();
    }

    public function reason(): string
    {
        return $this->string('reason')->toString();
    }

    public function spent(): ?int
    {
        return $this->filled('spent') ? $this->integer('spent') : null;
    }

    public function anyway(): bool
    {
        return $this->boolean('anyway');
    }

    /** @return list<string> ids of tasks with whose end it goes on */
    public function on(): array
    {
        return $this->filled('on') ? [$this->string('on')->toString()] : [];
    }

    public function until(): ?CarbonImmutable
    {
        return $this->filled('until') ? CarbonImmutable::parse($this->string('until')->toString()) : null;
    }
}
