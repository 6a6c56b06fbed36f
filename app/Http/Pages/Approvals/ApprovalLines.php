<?php

declare(strict_types=1);

namespace App\Http\Pages\Approvals;

use App\Bridge\ApprovalRows;
use App\Http\Pages\FactLines;
use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Http\Viewer;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Flow\Approval as Core;
use OpenBaton\Core\Flow\ApprovalWay;

/** Approvals as the page of what is to be approved shows them. Their type is ApprovalLine.ts. */
final readonly class ApprovalLines
{
    private const MOST = 20;

    public function __construct(private Viewer $viewer) {}

    /** @return list<array<string, mixed>> the latest first */
    public function ofTask(Task $task): array
    {
        return $this->of(Approval::query()->where('task_id', $task->id), $task);
    }

    /** @return list<array<string, mixed>> the latest first */
    public function ofCase(CustomerCase $case): array
    {
        return $this->of(Approval::query()->where('case_id', $case->id), $case);
    }

    /** @return array<string, mixed>|null what somebody is to answer by a task, with what is to be approved */
    public function asked(Task $task): ?array
    {
        $approval = $task->approval?->load(['asker.person', 'tasks.assignee', 'task.customer', 'case.customer']);
        if ($approval === null) {
            return null;
        }
        $of = $approval->task ?? $approval->case;

        return $this->line($approval, false) + [
            'of' => [
                'href' => $approval->case_id === null ? "/tasks/{$approval->task_id}" : "/cases/{$approval->case_id}",
                'isCase' => $approval->case_id !== null,
                'number' => (int) $of?->number,
                'title' => (string) $of?->title,
                'customer' => $of?->customer?->name,
                'description' => $of instanceof Task ? $of->description : null,
                'facts' => FactLines::of((array) $of?->facts, $this->viewer->words()),
                'seen' => $of !== null && $this->viewer->user()->can('view', $of),
            ],
            'mine' => $task->status->isOpen() && $this->viewer->user()->can('answer', $task),
        ];
    }

    /**
     * @param Builder<Approval> $approvals
     *
     * @return list<array<string, mixed>>
     */
    private function of(Builder $approvals, Task|CustomerCase $of): array
    {
        $edits = $this->viewer->user()->can('edit', $of);

        return array_values(
            $approvals
                ->with(['asker.person', 'tasks.assignee'])
                ->orderByDesc('id')
                ->limit(self::MOST)
                ->get()
                ->map(fn(Approval $one): array => $this->line($one, $edits))
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    private function line(Approval $approval, bool $edits): array
    {
        $state = ApprovalRows::read($approval);

        return [
            'id' => $approval->id,
            'name' => $approval->name,
            'details' => $approval->details,
            'way' => ApprovalWay::of($state->rule)->value,
            'least' => $state->rule->needed(count($state->places)),
            'by' => PersonRef::orNull($approval->asker?->person),
            'at' => Moment::of($approval->asked_at),
            'latest' => Moment::orNull($approval->latest_at),
            'outcome' => $approval->outcome?->value,
            'settledAt' => Moment::orNull($approval->settled_at),
            'places' => $this->places($approval, $state),
            'mayChange' => $this->viewer->user()->can('change', [$approval, $edits]),
        ];
    }

    /** @return list<array<string, mixed>> who is meant, who answers, and what they said */
    private function places(Approval $approval, Core $state): array
    {
        $holders = [];
        foreach ($approval->tasks as $task) {
            $holders += $task->status->isOpen() ? [(int) $task->approval_place => $task->assignee?->slug] : [];
        }
        $asked = $approval->outcome === null ? $state->asks() : [];
        $places = [];
        foreach ($state->places as $number => $place) {
            $by = $place->isWaiting() ? $holders[$number] ?? $place->byId : $place->byId;
            $places[] = [
                'for' => $this->named($place->forId),
                'by' => $by === null ? null : $this->named($by),
                'vote' => $place->vote?->value,
                'reason' => $place->reason,
                'at' => $place->at === null ? null : Instant::format($place->at),
                'asked' => in_array($number, $asked, true),
            ];
        }

        return $places;
    }

    /** @return array{slug: string, name: string} */
    private function named(string $slug): array
    {
        return ['slug' => $slug, 'name' => $this->viewer->words()->person($slug)];
    }
}
