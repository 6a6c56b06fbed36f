<?php

declare(strict_types=1);

namespace App\Clock;

use App\Absences\MoveCovered;
use App\Absences\SettleAbsence;
use App\Access\Actor;
use App\Bridge\AbsenceReader;
use App\Bridge\SnapshotSource;
use App\Models\Absences\Absence;
use App\Models\Absences\TaskCover;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Throwable;

/**
 * Lets absences begin and end whose time has come, in order of time, one after the other; and goes on with those that
 * were left in the middle.
 */
final readonly class SettleAbsences
{
    public function __construct(
        private SnapshotSource $snapshots,
        private SettleAbsence $settle,
        private MoveCovered $move,
    ) {}

    public function __invoke(CarbonImmutable $now): void
    {
        foreach ($this->due($now) as $id) {
            $this->attempt(fn(): int => ($this->settle)($id, Actor::system('clock')));
        }
        $this->attempt(fn(): int => $this->leftOver($now));
    }

    /** @return list<string> ids */
    private function due(CarbonImmutable $now): array
    {
        $house = $this->snapshots->current();
        $due = [];
        foreach (Absence::query()->with(Absence::WITH)->unsettled()->get() as $row) {
            if (SettleAbsence::mark($row, $house, $now) || $row->settling !== null) {
                $span = AbsenceReader::of($row, $house)->span;
                $due[$row->id] = $row->getOriginal('handed_over_at') === null ? $span->from : $span->to;
            }
        }
        asort($due);

        return array_keys($due);
    }

    /** What is covered for somebody of whom no absence speaks any more, such as one that an import took away. */
    private function leftOver(CarbonImmutable $now): int
    {
        $ids = TaskCover::query()
            ->whereHas('task', static fn(Builder $task): Builder => $task->open())
            ->distinct()
            ->get('for_id')
            ->map(static fn(TaskCover $cover): string => $cover->for_id)
            ->all();
        $known = Absence::query()
            ->unsettled()
            ->get('person_id')
            ->map(static fn(Absence $absence): string => $absence->person_id)
            ->all();
        $people = array_intersect_key($this->snapshots->current()->personSlugs, array_flip(array_diff($ids, $known)));

        return $people === [] ? 0 : ($this->move)(array_values($people), Actor::system('clock'), $now->getTimestamp());
    }

    /** @param callable(): int $do one that fails does not stop the others, and is tried again at the next tick */
    private function attempt(callable $do): void
    {
        try {
            $do();
        } catch (Throwable $error) {
            report($error);
        }
    }
}
