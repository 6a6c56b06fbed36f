<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Bridge\AbsenceReader;
use App\Bridge\Snapshot;
use App\Models\Absences\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\Zone;

/** Who is away on which days, those that are over among them. */
final class AwayDays
{
    /** @var array<array-key, list<Span>> by slug */
    private array $away = [];

    /**
     * @param list<Person> $people
     */
    public function __construct(
        private readonly Snapshot $house,
        private readonly array $people,
        LocalDate $first,
        LocalDate $last,
        Zone $zone,
    ) {
        $absences = Absence::query()
            ->where('status', AbsenceStatus::Approved)
            ->whereIn('person_id', $house->idsOf(array_column($people, 'id')))
            ->meeting($zone->instant($first, 0), $zone->instant($last->plus(1), 0))
            ->get();
        foreach ($absences as $absence) {
            $this->away[$house->personSlugs[$absence->person_id]][] = AbsenceReader::span($absence, $house);
        }
    }

    /**
     * Days are those of the person.
     *
     * @return 'works'|'off'|'holiday'|'part'|'away'
     */
    public function stateOf(Person $person, LocalDate $date): string
    {
        $hours = $person->hours->spansOf($date);
        if ($hours === []) {
            return self::offOf($person->hours, $date);
        }
        $left = Span::subtract($hours, $this->away[$person->id] ?? []);

        return match (self::seconds($left)) {
            0 => 'away',
            self::seconds($hours) => 'works',
            default => 'part',
        };
    }

    /** @return list<Person> those who would work and are away, or away for a part of the day */
    public function on(LocalDate $date): array
    {
        return array_values(
            array_filter(
                array_filter($this->people, fn(Person $one): bool => isset($this->away[$one->id])),
                fn(Person $one): bool => in_array($this->stateOf($one, $date), ['part', 'away'], true),
            ),
        );
    }

    /** @return 'works'|'off'|'holiday' how it stands with the house on a day */
    public function ofHouse(LocalDate $date): string
    {
        $hours = $this->house->roster->house;

        return $hours->spansOf($date) === [] ? self::offOf($hours, $date) : 'works';
    }

    /** @return 'off'|'holiday' */
    private static function offOf(WorkingHours $hours, LocalDate $date): string
    {
        return $hours->isHoliday($date) ? 'holiday' : 'off';
    }

    /** @param list<Span> $spans */
    private static function seconds(array $spans): int
    {
        return array_sum(array_map(static fn(Span $one): int => $one->seconds(), $spans));
    }
}
