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
}
