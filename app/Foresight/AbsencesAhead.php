<?php

declare(strict_types=1);

namespace App\Foresight;

use App\Bridge\AbsenceReader;
use App\Bridge\HouseAt;
use App\Models\Absences\Absence as AbsenceRow;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Foresight\TimeAhead;
use OpenBaton\Core\Time\LocalDate;

/** What absences take of the days ahead, those that are asked for apart. */
final class AbsencesAhead
{
    /** Of those that are named. */
    private const NAMED = 3;

    /** @var array<array-key, list<array{Absence, array<int, int>}>> with minutes by place of the day, by person */
    private array $byPerson = [];

    /** @param list<LocalDate> $days in order */
    public function __construct(HouseAt $house, TimeAhead $time, private readonly array $days)
    {
        if ($days === []) {
            return;
        }
        $roster = $house->snapshot->roster;
        $asked = AbsenceRow::query()
            ->with(['person', 'substitutes'])
            ->where('status', AbsenceStatus::Asked)
            ->get()
            ->map(static fn(AbsenceRow $row): Absence => AbsenceReader::of($row, $house->snapshot))
            ->all();
        $all = $asked;
        foreach (array_keys($roster->people) as $id) {
            array_push($all, ...$roster->absencesOf((string) $id));
        }
        $zone = $roster->house->zone();
        [$from, $to] = [$zone->instant($days[0]->plus(-1), 0), $zone->instant($days[count($days) - 1]->plus(2), 0)];
        foreach ($all as $absence) {
            if ($absence->span->to <= $from || $absence->span->from >= $to) {
                continue;
            }
            $lost = [];
            foreach ($days as $place => $date) {
                $lost[$place] = $time->lost($absence, $date);
            }
            $this->byPerson[$absence->personId][] = [$absence, $lost];
        }
    }

    /**
     * @param list<string> $people
     *
     * @return int minutes of a day that would be gone if what is asked for were approved
     */
    public function asked(array $people, int $place): int
    {
        $minutes = 0;
        foreach ($people as $slug) {
            foreach ($this->byPerson[$slug] ?? [] as [$absence, $lost]) {
                $minutes += $absence->status === AbsenceStatus::Asked ? $lost[$place] ?? 0 : 0;
            }
        }

        return $minutes;
    }

    /**
     * @param list<string> $people
     *
     * @return list<array{person: string, asked: bool, minutes: int}> those that take most of some days
     */
    public function between(array $people, LocalDate $from, LocalDate $to): array
    {
        $found = [];
        foreach ($people as $slug) {
            foreach ($this->byPerson[$slug] ?? [] as [$absence, $lost]) {
                $minutes = 0;
                foreach ($this->days as $place => $date) {
                    $minutes += $date->day >= $from->day && $date->day <= $to->day ? $lost[$place] : 0;
                }
                if ($minutes > 0) {
                    $found[] = [
                        'person' => $slug,
                        'asked' => $absence->status === AbsenceStatus::Asked,
                        'minutes' => $minutes,
                    ];
                }
            }
        }
        usort(
            $found,
            static fn(array $a, array $b): int => $b['minutes'] <=> $a['minutes'] ?: $a['person'] <=> $b['person'],
        );

        return array_slice($found, 0, self::NAMED);
    }
}
