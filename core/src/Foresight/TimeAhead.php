<?php

declare(strict_types=1);

namespace OpenBaton\Core\Foresight;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\Stretch;

/** What some people can do on a day, in minutes of effort. */
final class TimeAhead
{
    /** @var array<string, int> what was worked out, by person and day */
    private array $known = [];

    /** @param int $now instant before which nothing is done any more */
    public function __construct(private readonly Roster $roster, private readonly int $now) {}

    /**
     * @param list<string>   $people each once
     * @param LocalDate|null $from   days after it and before the date count as well, on which the house is closed
     */
    public function of(array $people, LocalDate $date, ?LocalDate $from = null): int
    {
        $minutes = 0;
        foreach ($people as $id) {
            for ($day = $from?->plus(1) ?? $date; $day->day <= $date->day; $day = $day->plus(1)) {
                $minutes += $this->known["{$id} {$day->day}"] ??= $this->worked($this->roster, $id, $day);
            }
        }

        return $minutes;
    }

    /** Minutes of somebody's day that an absence takes, or would take were it approved. */
    public function lost(Absence $absence, LocalDate $date): int
    {
        $without = array_filter(
            $this->roster->absencesOf($absence->personId),
            static fn(Absence $one): bool => $one->id !== $absence->id,
        );
        $bare = new Roster(
            $this->roster->house,
            [$this->roster->people[$absence->personId]],
            absences: array_values($without),
        );

        return $this->worked($bare, $absence->personId, $date) -
            $this->worked($bare->with($absence->approved()), $absence->personId, $date);
    }

    private function worked(Roster $roster, string $id, LocalDate $date): int
    {
        $person = $roster->people[$id];
        $units = 0;
        $of = Stretch::ofDay(
            $person->hours->spansOf($date),
            $roster->presenceOf($id)->spansOf($date),
            $person->capacity,
            $this->now,
        );
        foreach ($of as $stretch) {
            $units += $stretch->between($stretch->from, $stretch->to);
        }

        return intdiv($units, 60 * Capacity::WHOLE);
    }
}
