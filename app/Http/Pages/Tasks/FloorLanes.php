<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** The lanes of the floor: how loaded somebody is on each of the days. Its type is in FloorPage.ts. */
final class FloorLanes
{
    /**
     * @var array<string, array{slug: string, state: string, openTasks: int, days: list<array{capacity: int}>, ...}>
     *     what was computed of whom, by slug
     */
    private array $made = [];

    /**
     * @param list<LocalDate> $days
     * @param int             $now  instant
     */
    public function __construct(
        private readonly Roster $roster,
        private readonly Work $work,
        private readonly array $days,
        private readonly int $now,
    ) {}

    /** @return array{slug: string, state: string, openTasks: int, days: list<array{capacity: int}>, ...} */
    public function of(Person $person): array
    {
        return $this->made[$person->id] ??= $this->computed($person);
    }

    /** @return array{slug: string, state: string, openTasks: int, days: list<array{capacity: int}>, ...} */
    private function computed(Person $person): array
    {
        $held = $this->work->held($person->id);
        $plan = LoadPlanner::plan(
            $person->hours,
            $this->roster->presenceOf($person->id),
            $person->capacity,
            $held->loading,
            $this->now,
        );
        $absence = $this->roster->absenceOf($person->id, $this->now);

        return [
            'slug' => $person->id,
            'name' => $person->name,
            'state' => (new Availability($this->roster))->presence($person, $this->now)->value,
            'awayUntil' => Instant::orNull($this->roster->awayUntil($person->id, $this->now)),
            'substitutes' => array_map(
                fn(string $slug): array => ['slug' => $slug, 'name' => $this->roster->people[$slug]->name],
                $absence?->substituteIds() ?? [],
            ),
            'openTasks' => $held->openTasks(),
            'late' => count(
                array_filter(
                    $held->loading,
                    fn(WorkItem $item): bool => $item->dueAt !== null && $item->dueAt < $this->now,
                ),
            ),
            'loadPercent' => $plan->ratio()->percent(),
            'days' => array_map(fn(LocalDate $date): array => $this->day($person, $date, $plan), $this->days),
        ];
    }

    /** @return array{date: string, state: string, capacity: int, planned: int, late: int} minutes */
    private function day(Person $person, LocalDate $date, LoadPlan $plan): array
    {
        $works = $person->hours->spansOf($date) !== [];
        $absent = $works && $this->roster->presenceOf($person->id)->spansOf($date) === [];
        $load = null;
        foreach ($plan->days as $day) {
            $load = $day->date->day === $date->day ? $day : $load;
        }

        return [
            'date' => $date->format(),
            'state' => $absent ? 'away' : ($works ? 'works' : 'off'),
            'capacity' => $load->capacity ?? 0,
            'planned' => $load->planned ?? 0,
            'late' => $load->late ?? 0,
        ];
    }
}
