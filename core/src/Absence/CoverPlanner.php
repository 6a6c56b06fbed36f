<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Objections;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\LoadView;
use OpenBaton\Core\Workload\PersonWork;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/**
 * Works out the cover plan of an absence. Tasks are given in the order in
 * which they would be done, and each counts into the load of the next.
 */
final readonly class CoverPlanner
{
    /** A plan that would have to reach further begins with the absence. */
    private const FURTHEST_SECONDS = 45 * 86_400;

    private const MOST_DAYS = 60;

    private const FEWEST_DAYS = 5;

    private LoadBook $book;

    private Objections $objections;

    /** @param Roster $roster in which the absence counts */
    public function __construct(private Roster $roster, private ChangeFacts $facts)
    {
        $this->book = new LoadBook($roster);
        $this->objections = new Objections($roster, $facts);
    }

    /**
     * @param list<TaskSubject> $tasks that the person holds or reviews; those that are not open are left out
     * @param Work                          $work    of the person and of whoever may cover
     * @param int                           $now     instant
     * @param array<array-key, Give>        $givenBy how the rule gives that placed a task, by task
     * @param array<array-key, string|null> $set     what was set by hand, by task: who gets it; null: it stays
     */
    public function plan(
        Absence $absence,
        array $tasks,
        Work $work,
        int $now,
        array $givenBy = [],
        array $set = [],
    ): CoverPlan {
        $at = max($now, $absence->span->from);
        $held = HeldWork::of($absence, $this->roster, $work->held($absence->personId), $now);
        $finder = new SubstituteFinder($this->roster);
        usort($tasks, static fn(TaskSubject $a, TaskSubject $b): int => WorkItem::compare($a->asWork(), $b->asWork()));
        $lines = [];
        $after = $work;
        foreach ($tasks as $task) {
            $seat = HeldWork::seat($task, $absence->personId);
            if ($seat === null) {
                continue;
            }
            $covering = $task->coveringOf($seat);
            $byHand = array_key_exists($task->id, $set);
            $reason = match (true) {
                $byHand => $set[$task->id] === null ? CoverReason::KeptByHand : CoverReason::GivenByHand,
                $covering !== null => CoverReason::Covered,
                default => $held->reason($task, $seat),
            };
            $cover =
                $byHand || !$reason->passes()
                    ? null
                    : $finder->find(
                        $covering->forId ?? $absence->personId,
                        $at,
                        $this->facts->of($task, $task, $at),
                        $task->beside($seat),
                    );
            $line = new CoverLine(
                $task,
                $seat,
                $reason,
                $byHand ? $set[$task->id] : ($cover?->isSubstitute() === true ? $cover->personId : null),
                $cover,
            );
            if ($line->toId !== null) {
                $give = $givenBy[$task->id] ?? null;
                $line = $line->warned(
                    ...$give === null
                        ? []
                        : $this->objections->byRule(
                            $line->toId,
                            $give,
                            $this->objections->pool($task, $give, $at),
                            new LoadView($after, $this->book, $at, $task),
                        ),
                );
                $moved = $task->seated($seat, $line->toId, null)->with(['startAt' => max($at, $task->startAt ?? $at)]);
                $after = $after
                    ->after($task->asWork(), $moved->asWork())
                    ->assigned($seat === SeatName::Holder ? [$line->toId => $at] : []);
            }
            $lines[] = $line;
        }

        return $this->withLoads(new CoverPlan($absence, $lines, []), $work, $after, $now);
    }

    private function withLoads(CoverPlan $plan, Work $before, Work $after, int $now): CoverPlan
    {
        $from = $plan->absence->span->from - $now > self::FURTHEST_SECONDS ? $plan->absence->span->from : $now;
        $loads = $finishes = [];
        foreach (array_map(strval(...), array_keys($plan->passing())) as $id) {
            $days = $this->days($this->roster->people[$id]->hours, $from, $plan->absence->span->to);
            $load = new SubstituteLoad(
                $id,
                $this->load($id, $before->held($id), $from, $days),
                $this->load($id, $after->held($id), $from, $days),
            );
            $loads[] = $load;
            $finishes[$id] = $load->after->finishes;
        }
        $lines = array_map(static function (CoverLine $line) use ($finishes): CoverLine {
            $due = $line->task->dueAt;
            if ($line->toId === null || $due === null) {
                return $line;
            }
            $finish = $finishes[$line->toId][$line->task->id] ?? null;
            // What waits takes nobody's time, and so is in no load plan.
            $planned = $line->task->asWork()->loads() !== [];

            return $planned ? $line->warned(...Objections::byTime($due, $finish)) : $line;
        }, $plan->lines);

        return new CoverPlan($plan->absence, $lines, $loads);
    }

    private function load(string $personId, PersonWork $work, int $from, int $days): LoadPlan
    {
        return LoadPlanner::ofPerson(
            $this->roster->people[$personId],
            $this->roster,
            $work->loading,
            $from,
            $days,
            true,
        );
    }

    /** Working days from one instant to the day of another. */
    private function days(WorkingHours $hours, int $from, int $to): int
    {
        $last = $hours->zone()->dateAt($to);
        $count = 0;
        for (
            $date = $hours->zone()->dateAt($from);
            $date->day <= $last->day && $count < self::MOST_DAYS;
            $date = $date->plus(1)
        ) {
            $count += $hours->spansOf($date) === [] ? 0 : 1;
        }

        return max(self::FEWEST_DAYS, $count);
    }
}
