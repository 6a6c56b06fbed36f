<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\DecisionReader;
use App\Explain\ReasonTrail;
use App\Http\Viewer;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Why a task is with whoever has it: the decision that gave it to them, or what
 * a person did; why nobody has it. What has happened since does not change the
 * reason. Its type is in TaskView.ts.
 *
 * @phpstan-type Reason array{seat: string, title: string, said: string|null, trail: array<string, mixed>|null}
 */
final readonly class TaskReasons
{
    public function __construct(private Viewer $viewer, private DecisionReader $decisions) {}

    /**
     * @param Task $task with its handoffs, the people in its seats and whoever may claim it
     *
     * @return list<Reason> of the holder, and in review of the reviewer
     */
    public function of(Task $task): array
    {
        $reasons = [$task->assignee_id === null ? $this->noHolder($task) : $this->holder($task)];
        if ($task->status === TaskStatus::InReview) {
            $reasons[] = $this->reviewer($task);
        }

        return array_values(array_filter($reasons));
    }

    /** @return Reason|null */
    private function holder(Task $task): ?array
    {
        $handoff = $this->latestTo($task);
        $person = (string) $task->assignee?->name;
        if ($handoff === null) {
            return null;
        }
        $decision = $handoff->decision_id === null ? null : Decision::query()->find($handoff->decision_id);
        $own = $decision?->task_id === $task->id;

        return $this->reason(
            SeatName::Holder,
            'person',
            $person,
            $own ? null : $this->byHand($handoff, $decision, $person),
            $own ? $decision : null,
            count($task->holdsWith),
        );
    }

    /** How it came to those who have it, or how one of several came to have it alone; null: of neither is known. */
    private function latestTo(Task $task): ?Handoff
    {
        $handoffs = $task->handoffs->sortBy(['at', 'id']);
        $last = $handoffs->last();
        if ($last?->cause === HandoffCause::Begun || $last?->cause === HandoffCause::TakenOff) {
            return $task->do_together === null
                ? $last
                : $handoffs->last(static fn(Handoff $one): bool => $one->to_id !== null);
        }
        $holders = [$task->assignee_id, ...$task->holdsWith->modelKeys()];

        return in_array($last?->to_id, $holders, true) ? $last : null;
    }

    private function byHand(Handoff $handoff, ?Decision $decision, string $person): string
    {
        $words = $this->viewer->words()->words;

        return $words->say('why.' . ($decision === null ? $handoff->cause->value : 'made'), [
            'person' => $person,
            'who' => $handoff->user->name ?? $words->say('history.somebody'),
            'for' => (string) $handoff->standsInFor?->name,
            'number' => $decision->task->number ?? 0,
            'reason' => $handoff->reason ?? 'none',
        ]);
    }

    /** @return Reason|null */
    private function noHolder(Task $task): ?array
    {
        $decision = self::latest($task)
            ->whereIn('outcome', [Outcome::Unplaced, Outcome::Open])
            ->where(
                static fn(Builder $searched): Builder => $searched
                    ->where('event', TaskArrives::kind())
                    ->orWhereNotNull('rule'),
            )
            ->first();

        return $decision === null
            ? null
            : $this->reason(SeatName::Holder, $task->claimants->isEmpty() ? 'nobody' : 'open', '', null, $decision);
    }

    /** @return Reason|null */
    private function reviewer(Task $task): ?array
    {
        $about = self::latest($task)->where('record->seat', SeatName::Reviewer->value)->whereNotNull('rule');
        $given =
            $task->reviewer_id === null
                ? $about->first()
                : $about->where('outcome', Outcome::Assigned)->where('assignee_id', $task->reviewer_id)->first();
        $person = (string) $task->reviewer?->name;
        if ($task->reviewer_id === null) {
            return $given === null ? null : $this->reason(SeatName::Reviewer, 'no_reviewer', '', null, $given);
        }

        return $this->reason(
            SeatName::Reviewer,
            'reviewer',
            $person,
            $given === null ? $this->viewer->words()->words->say('why.review_by_hand', ['person' => $person]) : null,
            $given,
        );
    }

    /** @return Builder<Decision> */
    private static function latest(Task $task): Builder
    {
        return Decision::query()->where('task_id', $task->id)->orderByDesc('at')->orderByDesc('id');
    }

    /** @return Reason */
    private function reason(
        SeatName $seat,
        string $title,
        string $person,
        ?string $said,
        ?Decision $decision,
        int $others = 0,
    ): array {
        return [
            'seat' => $seat->value,
            'title' => $this->viewer->words()->words->say("why.title.{$title}", [
                'person' => $person,
                'others' => $others,
            ]),
            'said' => $said,
            'trail' =>
                $decision === null
                    ? null
                    : (new ReasonTrail($this->viewer->words()))->of($this->decisions->document($decision)),
        ];
    }
}
