<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\People\Roster;
use WeakMap;

/**
 * The load plans of a roster, each computed when it is first asked for and
 * kept while the person's work and the minute are the same.
 */
final class LoadBook
{
    /** @var WeakMap<PersonWork, array<array-key, array{int, LoadPlan}>> minute and plan by person */
    private WeakMap $plans;

    /** Stands for the work of everybody who has none. */
    private PersonWork $nothing;

    public function __construct(public readonly Roster $roster)
    {
        $this->plans = new WeakMap();
        $this->nothing = new PersonWork();
    }

    /** @param int $at instant, taken to the whole minute */
    public function plan(string $personId, PersonWork $work, int $at): LoadPlan
    {
        $minute = intdiv($at, 60);
        $work = $work->loading === [] ? $this->nothing : $work;
        $known = ($this->plans[$work] ?? [])[$personId] ?? null;
        if ($known !== null && $known[0] === $minute) {
            return $known[1];
        }
        $plan = $this->planned($personId, $work->loading, $minute);
        $this->plans[$work] = [$personId => [$minute, $plan]] + ($this->plans[$work] ?? []);

        return $plan;
    }

    /**
     * @param WorkItem $task takes their time, whoever holds it
     * @param int      $at   instant, taken to the whole minute
     *
     * @return int|null instant at which they finish the task beside their work; null: not within three months
     */
    public function finish(string $personId, PersonWork $work, WorkItem $task, int $at): ?int
    {
        // What comes after the task in the plan does not change when that is done.
        $before = array_filter($work->loading, static fn(WorkItem $one): bool => WorkItem::compare($one, $task) < 0);
        $plan = $this->planned($personId, [...array_values($before), $task], intdiv($at, 60), true);

        return $plan->finishes[$task->id] ?? null;
    }

    /** @param list<WorkItem> $items */
    private function planned(string $personId, array $items, int $minute, bool $toTheEnd = false): LoadPlan
    {
        return LoadPlanner::ofPerson(
            $this->roster->people[$personId],
            $this->roster,
            $items,
            $minute * 60,
            toTheEnd: $toTheEnd,
        );
    }
}
