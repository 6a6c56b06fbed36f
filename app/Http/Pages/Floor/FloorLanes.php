<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\DayLoad;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Outlook;
use OpenBaton\Core\Workload\Work;

/** The lanes of the floor: how loaded somebody is on each of the days. Its type is in FloorPage.ts. */
final class FloorLanes
{
    /** @var array<array-key, Outlook> by slug */
    private array $outlooks = [];

    /**
     * @param non-empty-list<LocalDate> $days
     * @param int                       $now  instant
     */
    public function __construct(
        private readonly Roster $roster,
        public readonly Work $work,
        private readonly array $days,
        private readonly int $now,
    ) {}

    public function outlook(Person $person): Outlook
    {
        return $this->outlooks[$person->id] ??= $this->planned($person);
    }

    private function planned(Person $person): Outlook
    {
        $items = $this->work->held($person->id)->loading;
        $plan = LoadPlanner::ofPerson($person, $this->roster, $items, $this->now, count($this->days), true);

        return Outlook::of($plan, $items, $this->now, $this->roster->measure);
    }

    /** Whether something can be given to them now. */
    public function hasRoom(Person $person): bool
    {
        return $this->outlook($person)->hasRoom() && !$this->isAway($person);
    }

    public function isAway(Person $person): bool
    {
        return $this->roster->absenceOf($person->id, $this->now) !== null;
    }

    /** @return array<string, mixed> a Lane */
    public function of(Person $person): array
    {
        $outlook = $this->outlook($person);
        $absence = $this->roster->absenceOf($person->id, $this->now);
        $byDate = [];
        foreach ($outlook->plan->days as $day) {
            $byDate[$day->date->day] = $day;
        }

        return [
            'slug' => $person->id,
            'name' => $person->name,
            'state' => (new Availability($this->roster))->presence($person, $this->now)->value,
            'awayUntil' => Instant::orNull($this->roster->awayUntil($person->id, $this->now)),
            'substitutes' => array_map(
                fn(string $slug): array => ['slug' => $slug, 'name' => $this->roster->people[$slug]->name],
                $absence?->substituteIds() ?? [],
            ),
            'openTasks' => $this->work->held($person->id)->openTasks(),
            'late' => count($outlook->overdue),
            'tooLate' => count($outlook->tooLate),
            'over' => $outlook->over,
            'free' => $outlook->free(),
            'loadPercent' => $outlook->plan->ratio()->percent(),
            'before' => $this->before($outlook),
            'days' => array_map(
                fn(LocalDate $date): array => $this->day($person, $date, $byDate[$date->day] ?? null),
                $this->days,
            ),
        ];
    }

    /** @return array{behind: int, planned: int} minutes that are past due, and that are planned before the first day */
    private function before(Outlook $outlook): array
    {
        $planned = 0;
        foreach ($outlook->plan->days as $day) {
            $planned += $day->date->day < $this->days[0]->day ? $day->planned : 0;
        }

        return ['behind' => $outlook->behind, 'planned' => $planned];
    }

    /** @return array{date: string, state: string, capacity: int, planned: int, late: int} minutes */
    private function day(Person $person, LocalDate $date, ?DayLoad $load): array
    {
        $works = $person->hours->spansOf($date) !== [];
        $absent = $works && $this->roster->presenceOf($person->id)->spansOf($date) === [];

        return [
            'date' => $date->format(),
            'state' => $absent ? 'away' : ($works ? 'works' : 'off'),
            'capacity' => $load->capacity ?? 0,
            'planned' => $load->planned ?? 0,
            'late' => $load->late ?? 0,
        ];
    }
}
