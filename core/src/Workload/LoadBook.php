<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\WorkingTime;
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

    public function __construct(private readonly Roster $roster)
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
        $person = $this->roster->people[$personId];
        $plan = LoadPlanner::plan(
            $person->hours,
            $this->roster->presenceOf($personId),
            $person->capacity,
            $work->loading,
            $minute * 60,
        );
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
        $minute = intdiv($at, 60) * 60;
        // What comes after the task in the plan does not change when that is done.
        $before = array_filter($work->loading, static fn(WorkItem $one): bool => WorkItem::compare($one, $task) < 0);
        $person = $this->roster->people[$personId];

        return LoadPlanner::plan(
            $person->hours,
            $this->roster->presenceOf($personId),
            $person->capacity,
            [...array_values($before), $task],
            $minute,
            toTheEnd: true,
        )->finishes[$task->id] ?? null;
    }

    public function isOn(string $personId, int $at): bool
    {
        return (new WorkingTime($this->roster->presenceOf($personId)))->isWorking($at);
    }

    /** @return int|null instant at which the next absence of theirs begins that has not begun; null: none is known */
    public function nextAbsence(string $personId, int $at): ?int
    {
        foreach ($this->roster->absencesOf($personId) as $absence) {
            if ($absence->span->from > $at) {
                return $absence->span->from;
            }
        }

        return null;
    }
}
