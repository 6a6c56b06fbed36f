<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\Snapshot;
use App\Explain\ReasonTrail;
use App\Explain\Words;
use App\Models\Decision;
use App\Models\Handoff;
use App\Models\Person;
use App\Models\Task;
use App\Models\User;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Workload\TaskStatus;

/** A task with all that is needed to do it and to understand how it came here. Its type is TaskView.ts. */
final readonly class TaskView
{
    public function __construct(private Words $words, private Snapshot $snapshot) {}

    /** @return array<string, mixed> */
    public function of(Task $task, User $viewer): array
    {
        $task->loadMissing(['kind', 'customer.place', 'assignee', 'claimants', 'handoffs.task', 'handoffs.from', 'handoffs.to', 'handoffs.standsInFor']);
        $decision = Decision::query()->where('task_id', $task->id)->orderByDesc('at')->orderByDesc('id')->first();
        $works = $viewer->can('work', $task);

        return TaskLine::of($task) + [
            'description' => $task->description,
            'guide' => $task->kind?->guide,
            'contact' => $task->contact,
            'place' => $task->customer?->place?->name,
            'source' => $this->words->value('task.source', $task->source),
            'facts' => $this->facts($task),
            'tags' => $task->tags,
            'estimateMinutes' => $task->estimate_minutes ?? (int) $task->kind?->usual_minutes,
            'spentMinutes' => $task->spent_minutes,
            'startedAt' => Moment::orNull($task->started_at),
            'outcomeNote' => $task->outcome_note,
            'assignee' => PersonRef::orNull($task->assignee),
            'claimants' => $task->claimants->map(PersonRef::of(...))->all(),
            'revision' => $task->revision,
            'may' => [
                'start' => $works && in_array($task->status, [TaskStatus::New, TaskStatus::Waiting], true) && $task->assignee !== null,
                'complete' => $works && $task->status->isOpen() && $task->assignee !== null,
                'reopen' => $works && $task->status === TaskStatus::Done,
                'handOn' => $works && $task->status->isOpen(),
                'claim' => $task->status->isOpen() && $viewer->can('claim', $task),
            ],
            'people' => $works && $task->status->isOpen() ? $this->people($task) : [],
            'handoffs' => $task->handoffs->sortBy(['at', 'id'])->values()->map(static fn(Handoff $handoff): array => HandoffLine::of($handoff))->all(),
            'trail' => $decision === null ? null : (new ReasonTrail($this->words))->of($decision->trace),
        ];
    }

    /** @return list<array{label: string, value: string}> */
    private function facts(Task $task): array
    {
        $facts = [];
        foreach ($task->facts as $path => $value) {
            $facts[] = ['label' => $this->words->field((string) $path), 'value' => $this->words->value((string) $path, $value)];
        }

        return $facts;
    }

    /**
     * Everybody to whom it could be handed on; who is away is said.
     *
     * @return list<array{slug: string, name: string, note: string}>
     */
    private function people(Task $task): array
    {
        $now = time();
        $people = [];
        foreach (Person::query()->where('active', true)->whereKeyNot($task->assignee_id ?? '')->orderBy('name')->get() as $person) {
            $absence = $this->snapshot->roster->absenceOf($person->slug, $now);
            $people[] = PersonRef::of($person) + ['note' => $absence === null ? '' : 'away '.$this->words->until(Instant::format($absence->span->to))];
        }

        return $people;
    }
}
