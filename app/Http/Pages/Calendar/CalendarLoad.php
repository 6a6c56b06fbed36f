<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Bridge\Snapshot;
use App\Bridge\WorkReader;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Outlook;

/** How full the days ahead are for some people, as their load plans have it. */
final class CalendarLoad
{
    /** @var array<array-key, array<int, array{int, int}>> minutes of capacity and planned, by slug and day */
    private array $days = [];

    /** @var list<array{Person, Outlook}> in the order of the people */
    public readonly array $lanes;

    /**
     * @param list<Person> $people
     * @param int          $now    instant
     */
    public function __construct(Snapshot $house, array $people, LocalDate $last, int $now)
    {
        $work = WorkReader::of(new Needs(array_column($people, 'id')), $house);
        $lanes = [];
        foreach ($people as $person) {
            $items = $work->held($person->id)->loading;
            $ahead = max(1, 1 + $last->day - $person->hours->zone()->dateAt($now)->day);
            $plan = LoadPlanner::ofPerson($person, $house->roster, $items, $now, $ahead, true);
            $lanes[] = [$person, Outlook::of($plan, $items, $now, $house->roster->measure)];
            foreach ($plan->days as $day) {
                $this->days[$person->id][$day->date->day] = [$day->capacity, $day->planned];
            }
        }
        $this->lanes = $lanes;
    }

    /**
     * @param list<Person> $people
     *
     * @return array{capacity: int|null, planned: int|null} minutes of them all; null: the day is over, or too far ahead
     */
    public function on(LocalDate $date, array $people): array
    {
        $capacity = $planned = 0;
        $known = false;
        foreach ($people as $person) {
            $day = $this->days[$person->id][$date->day] ?? null;
            $known = $known || $day !== null;
            $capacity += $day[0] ?? 0;
            $planned += $day[1] ?? 0;
        }

        return $known ? ['capacity' => $capacity, 'planned' => $planned] : ['capacity' => null, 'planned' => null];
    }
}
