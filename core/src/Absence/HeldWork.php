<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\PersonWork;
use OpenBaton\Core\Workload\TaskStatus;

/** What becomes of the work that somebody has in hand while they are away, by the policy of their absence. */
final readonly class HeldWork
{
    /** @param array<array-key, int> $finishes planned, by task */
    private function __construct(
        private HeldPolicy $policy,
        private Span $away,
        private int $dueBy,
        private array $finishes,
        private bool $missed,
        private string $personId,
        private Roster $roster,
    ) {}

    /**
     * @param Roster $roster in which the absence counts
     * @param int    $now    instant
     */
    public static function of(Absence $absence, Roster $roster, PersonWork $work, int $now): self
    {
        $person = $roster->people[$absence->personId];
        $away = $roster->awayAt($person->id, $absence->span->from)->span ?? $absence->span;
        $presence = $roster->presenceOf($person->id);
        $finishes =
            $now < $away->from
                ? LoadPlanner::ofPerson($person, $roster, $work->loading, $now, toTheEnd: true)->finishes
                : [];
        try {
            $dueBy = (new WorkingTime($presence))->endOfDayAfter($away->to);
            $missed = (new WorkingTime($person->hours))->minutesBetween($away->from, $away->to) > 0;
        } catch (NoWorkingTime) {
            // Whoever never works again does nothing later either.
            $dueBy = $away->to;
            $missed = true;
        }

        return new self($absence->held, $away, $dueBy, $finishes, $missed, $person->id, $roster);
    }

    public function reason(TaskSubject $task, SeatName $seat): CoverReason
    {
        return match (true) {
            !$this->missed => CoverReason::NothingMissed,
            $this->policy === HeldPolicy::Nothing => CoverReason::NothingPasses,
            $this->isHeldByOthers($task, $seat) => CoverReason::OthersHoldIt,
            $task->status === TaskStatus::Waiting && ($task->wakesAt ?? PHP_INT_MAX) >= $this->away->to
                => CoverReason::WaitsLonger,
            $this->policy === HeldPolicy::All => CoverReason::All,
            $task->dueAt === null => CoverReason::NoDueDate,
            $task->dueAt > $this->dueBy => CoverReason::DueLater,
            $seat === SeatName::Holder && ($this->finishes[$task->id] ?? PHP_INT_MAX) <= $this->away->from
                => CoverReason::FinishedBefore,
            default => CoverReason::FallsDue,
        };
    }

    /** Whether cases that they own pass: such have no date by which they would have to. */
    public function passesCases(): bool
    {
        return $this->missed && $this->policy !== HeldPolicy::Nothing;
    }

    /** Whether somebody has it together with them who is there when they go. */
    private function isHeldByOthers(TaskSubject $task, SeatName $seat): bool
    {
        $all = $task->inSeat($seat);
        foreach (in_array($this->personId, $all, true) ? $all : [] as $other) {
            if ($other !== $this->personId && $this->roster->absenceOf($other, $this->away->from) === null) {
                return true;
            }
        }

        return false;
    }

    /** In which seats of a task somebody has something to do, or will have. */
    public static function seat(TaskSubject $task, string $personId): ?SeatName
    {
        return match (true) {
            $task->status === TaskStatus::InReview => $task->reviewerId === $personId ? SeatName::Reviewer : null,
            $task->status->isOpen() => in_array($personId, $task->holderIds(), true) ? SeatName::Holder : null,
            default => null,
        };
    }
}
