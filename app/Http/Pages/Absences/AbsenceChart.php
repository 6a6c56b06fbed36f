<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Absences\Minimums;
use App\Bridge\AbsenceReader;
use App\Bridge\Snapshot;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\Absences\AbsenceSubstitute;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\DayStrength;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Strength;
use OpenBaton\Core\Time\LocalDate;

/** Who is away over some weeks, lane by lane, and who is left of each team. Its type is AbsenceChart.ts. */
final readonly class AbsenceChart
{
    public const WEEKS = [2, 4, 8, 12];

    private const MOST_DAYS_AHEAD = 1100;

    /** Lanes of those who are away, where no team is chosen. */
    private const MOST_LANES = 120;

    private LocalDate $first;

    private int $days;

    private string $team;

    private Snapshot $house;

    /** As it is, without what is only asked for. */
    public Strength $strength;

    /**
     * @var list<array{of: 'team'|'skill', slug: string, name: string, minimum: int|null, members: list<Membership>}>
     *     whose strength is looked at
     */
    public array $groups;

    public function __construct(private Viewer $viewer, Request $request)
    {
        $this->house = $viewer->snapshot();
        $this->groups = Minimums::groups($this->house);
        $zone = $this->house->roster->house->zone();
        $today = $zone->dateAt(CarbonImmutable::now()->getTimestamp());
        $from = $request->string('from')->toString();
        $asked =
            preg_match('/^\d{4}-\d{2}-\d{2}$/', $from) === 1 && CarbonImmutable::canBeCreatedFromFormat($from, 'Y-m-d')
                ? LocalDate::parse($from)
                : $today;
        // Absences are planned a few years ahead, and looked back at as long.
        $asked = abs($asked->day - $today->day) <= self::MOST_DAYS_AHEAD ? $asked : $today;
        $this->first = $asked->plus(1 - $asked->weekday());
        $weeks = $request->integer('weeks', 4);
        $this->days = 7 * (in_array($weeks, self::WEEKS, true) ? $weeks : 4);
        $this->strength = (new Strength($this->house->roster))->with(...$this->past());
        $this->team = isset($this->house->roster->teams[$request->string('team')->toString()])
            ? $request->string('team')->toString()
            : '';
    }

    /** @return list<CoreAbsence> those that were approved and are over, which decisions do not know of any more */
    private function past(): array
    {
        $known = CarbonImmutable::now()->subDays(Absence::LATELY)->format('Y-m-d');
        if ($this->first->format() >= $known) {
            return [];
        }
        $over = Absence::query()
            ->with(Absence::WITH)
            ->where('status', AbsenceStatus::Approved)
            ->where(
                fn(Builder $some): Builder => $some
                    ->whereBetween('last_day', [$this->first->format(), $known])
                    ->orWhereBetween('to', [$this->first->format(), $known]),
            );

        return array_values(
            $over->get()->map(fn(Absence $absence): CoreAbsence => AbsenceReader::of($absence, $this->house))->all(),
        );
    }

    /** @return array<string, mixed> */
    public function props(): array
    {
        $zone = $this->house->roster->house->zone();
        $dates = [];
        for ($day = 0; $day < $this->days; ++$day) {
            $date = $this->first->plus($day);
            $dates[] = ['date' => $date->format(), 'off' => $this->house->roster->house->spansOf($date) === []];
        }
        $absences = $this->absences(
            $zone->instant($this->first, 0),
            $zone->instant($this->first->plus($this->days), 0),
        );

        return [
            'from' => $this->first->format(),
            'weeks' => intdiv($this->days, 7),
            'team' => $this->team,
            'teams' => array_values(
                array_map(
                    static fn($team): array => ['value' => $team->id, 'label' => $team->name],
                    $this->house->roster->teams,
                ),
            ),
            'days' => $dates,
            'lanes' => $this->lanes($absences),
            'strength' => $this->strength($absences),
        ];
    }

    /** @return list<Absence> that meet the time, approved or asked for, as far as whoever looks sees them */
    private function absences(int $from, int $to): array
    {
        $leads = $this->viewer->user()->leads();
        $own = $this->viewer->person()?->id;
        // Days are those of the person, which may begin up to half a day apart from the house's.
        $first = gmdate('Y-m-d', $from - 86_400);
        $last = gmdate('Y-m-d', $to + 86_400);

        return array_values(
            Absence::query()
                ->whereIn('status', [AbsenceStatus::Approved, AbsenceStatus::Asked])
                ->when(
                    !$leads,
                    static fn(Builder $query): Builder => $query->where(
                        static fn(Builder $seen): Builder => $seen
                            ->where('status', AbsenceStatus::Approved)
                            ->orWhere('person_id', $own),
                    ),
                )
                ->where(
                    static fn(Builder $some): Builder => $some
                        ->where(
                            static fn(Builder $days): Builder => $days
                                ->where('first_day', '<=', $last)
                                ->where('last_day', '>=', $first),
                        )
                        ->orWhere(
                            static fn(Builder $hours): Builder => $hours
                                ->where('from', '<', gmdate('Y-m-d H:i:s', $to))
                                ->where('to', '>', gmdate('Y-m-d H:i:s', $from)),
                        ),
                )
                ->get()
                ->all(),
        );
    }

    /**
     * @param list<Absence> $absences
     *
     * @return list<array<string, mixed>> of the team, or of everybody who is away or stands in
     */
    private function lanes(array $absences): array
    {
        $substitutes = $this->substitutes($absences);
        $byPerson = [];
        foreach ($absences as $absence) {
            $byPerson[$this->house->personSlugs[$absence->person_id]][] = $absence;
        }
        $people =
            $this->team === ''
                ? $this->concerned($byPerson, $substitutes)
                : Membership::ids($this->house->roster->teams[$this->team]->members);
        $user = $this->viewer->user();
        (new Collection(
            array_merge(...array_values(array_intersect_key($byPerson, array_flip($people)))),
        ))->loadMissing('person');
        $lanes = [];
        foreach ($people as $id) {
            $stretches = array_map(
                fn(Absence $absence): array => $this->stretch(
                    $absence,
                    $substitutes[$absence->id] ?? [],
                    $user->can('plan', $absence),
                ),
                $byPerson[$id] ?? [],
            );
            $lanes[] = ['slug' => $id, 'name' => $this->house->roster->people[$id]->name, 'stretches' => $stretches];
        }

        return $lanes;
    }

    /**
     * @param list<string> $substitutes slugs
     *
     * @return array<string, mixed>
     */
    private function stretch(Absence $absence, array $substitutes, bool $plan): array
    {
        $span = AbsenceReader::span($absence, $this->house);

        return [
            'id' => $absence->id,
            'from' => $this->place($span->from),
            'to' => $this->place($span->to),
            'first' => Instant::format($span->from),
            'last' => Instant::format($span->to),
            'asked' => $absence->status === AbsenceStatus::Asked,
            'substitutes' => $substitutes,
            'plan' => $plan,
        ];
    }

    /**
     * @param list<Absence> $absences
     *
     * @return array<array-key, list<string>> slugs of those who stand in, in order, by id of the absence
     */
    private function substitutes(array $absences): array
    {
        $found = [];
        $rows = AbsenceSubstitute::query()
            ->whereIn('absence_id', array_map(static fn(Absence $absence): string => $absence->id, $absences))
            ->orderBy('position')
            ->get();
        foreach ($rows as $row) {
            $found[$row->absence_id][] = $this->house->personSlugs[$row->person_id];
        }

        return $found;
    }

    /**
     * @param array<array-key, list<Absence>> $absences    by person
     * @param array<array-key, list<string>>  $substitutes by id of the absence
     *
     * @return list<string> whoever is away, each followed by whoever stands in first
     */
    private function concerned(array $absences, array $substitutes): array
    {
        $people = [];
        foreach (array_map(strval(...), array_keys($this->house->roster->people)) as $id) {
            foreach ($absences[$id] ?? [] as $absence) {
                $people += array_fill_keys([$id, ...array_slice($substitutes[$absence->id] ?? [], 0, 1)], true);
            }
        }

        return array_map(strval(...), array_slice(array_keys($people), 0, self::MOST_LANES));
    }

    /** Days from the left, with the part of the day; within the chart. */
    private function place(int $instant): float
    {
        $zone = $this->house->roster->house->zone();
        $date = $zone->dateAt($instant);
        $begin = $zone->instant($date, 0);
        $part = ($instant - $begin) / ($zone->instant($date->plus(1), 0) - $begin);

        return round(max(0, min($this->days, $date->day - $this->first->day + $part)), 3);
    }

    /**
     * @param list<Absence> $absences
     *
     * @return list<array<string, mixed>> of the teams and skills that have a minimum, and of the chosen team
     */
    private function strength(array $absences): array
    {
        $shown = array_filter(
            $this->groups,
            fn(array $group): bool => $group['minimum'] !== null ||
                ($group['of'] === 'team' && $group['slug'] === $this->team),
        );
        $now = array_map(
            fn(array $group): array => $this->strength->of($group['members'], $this->first, $this->days),
            $shown,
        );
        $asked = $this->strength->with(...$this->asked($absences));
        $rows = [];
        foreach ($shown as $key => $group) {
            $rows[] = [
                'of' => $group['of'],
                'slug' => $group['slug'],
                'name' => $group['name'],
                'minimum' => $group['minimum'],
                'days' => array_map(
                    static fn(DayStrength $day, DayStrength $then): array => [
                        'there' => $day->there,
                        'ifApproved' => $then->there,
                        'off' => $day->expected === 0,
                        'below' => $group['minimum'] !== null && $day->isBelow($group['minimum']),
                        'wouldBeBelow' => $group['minimum'] !== null && $then->isBelow($group['minimum']),
                    ],
                    $now[$key],
                    $asked->of($group['members'], $this->first, $this->days),
                ),
            ];
        }

        return $rows;
    }

    /**
     * @param list<Absence> $absences
     *
     * @return list<CoreAbsence> as they would be once approved
     */
    private function asked(array $absences): array
    {
        $asked = (new Collection($absences))
            ->filter(static fn(Absence $absence): bool => $absence->status === AbsenceStatus::Asked)
            ->loadMissing(Absence::WITH);

        return array_values(
            $asked
                ->map(fn(Absence $absence): CoreAbsence => AbsenceReader::of($absence, $this->house)->approved())
                ->all(),
        );
    }
}
