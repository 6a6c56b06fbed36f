<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Absences\Minimums;
use App\Bridge\AbsenceReader;
use App\Bridge\Snapshot;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\DayStrength;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
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

    /** @var list<array{of: 'team'|'skill', slug: string, name: string, minimum: int|null, members: list<Membership>}> whose strength is looked at */
    public array $groups;

    public function __construct(private Viewer $viewer, Request $request)
    {
        $this->house = $viewer->snapshot();
        $this->strength = new Strength($this->house->roster);
        $this->groups = Minimums::groups($this->house);
        $zone = $this->house->roster->house->zone();
        $today = $zone->dateAt(CarbonImmutable::now()->getTimestamp());
        $from = $request->string('from')->toString();
        $asked = preg_match('/^\d{4}-\d{2}-\d{2}$/', $from) === 1 && CarbonImmutable::canBeCreatedFromFormat($from, 'Y-m-d') ? LocalDate::parse($from) : $today;
        // Absences are planned a few years ahead, and looked back at as long.
        $asked = abs($asked->day - $today->day) <= self::MOST_DAYS_AHEAD ? $asked : $today;
        $this->first = $asked->plus(1 - $asked->weekday());
        $weeks = $request->integer('weeks', 4);
        $this->days = 7 * (in_array($weeks, self::WEEKS, true) ? $weeks : 4);
        $this->team = isset($this->house->roster->teams[$request->string('team')->toString()]) ? $request->string('team')->toString() : '';
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
        $absences = $this->absences($zone->instant($this->first, 0), $zone->instant($this->first->plus($this->days), 0));

        return [
            'from' => $this->first->format(),
            'weeks' => intdiv($this->days, 7),
            'team' => $this->team,
            'teams' => array_values(array_map(static fn($team): array => ['value' => $team->id, 'label' => $team->name], $this->house->roster->teams)),
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

        return array_values(Absence::query()->with(Absence::WITH)
            ->whereIn('status', [AbsenceStatus::Approved, AbsenceStatus::Asked])
            ->when(! $leads, static fn(Builder $query): Builder => $query->where(static fn(Builder $seen): Builder => $seen->where('status', AbsenceStatus::Approved)->orWhere('person_id', $own)))
            ->where(static fn(Builder $some): Builder => $some
                ->where(static fn(Builder $days): Builder => $days->where('first_day', '<=', $last)->where('last_day', '>=', $first))
                ->orWhere(static fn(Builder $hours): Builder => $hours->where('from', '<', gmdate('Y-m-d H:i:s', $to))->where('to', '>', gmdate('Y-m-d H:i:s', $from))))
            ->get()->all());
    }

    /**
     * @param list<Absence> $absences
     *
     * @return list<array<string, mixed>> of the team, or of everybody who is away or stands in
     */
    private function lanes(array $absences): array
    {
        $zone = $this->house->roster->house->zone();
        $stretches = [];
        foreach ($absences as $absence) {
            $known = AbsenceReader::of($absence, $this->house);
            $stretches[$known->personId][] = [
                'id' => $absence->id,
                'from' => $this->place($known->span->from),
                'to' => $this->place($known->span->to),
                'first' => Instant::format($known->span->from),
                'last' => Instant::format($known->span->to),
                'asked' => $absence->status === AbsenceStatus::Asked,
                'substitutes' => $known->substituteIds(),
                'plan' => $this->viewer->user()->can('plan', $absence),
            ];
        }
        $people = $this->team === ''
            ? $this->concerned($stretches)
            : array_map(static fn(Membership $member): string => $member->personId, $this->house->roster->teams[$this->team]->members);

        return array_map(fn(string $id): array => ['slug' => $id, 'name' => $this->house->roster->people[$id]->name, 'stretches' => $stretches[$id] ?? []], $people);
    }

    /**
     * @param array<array-key, list<array{substitutes: list<string>}&array<string, mixed>>> $stretches by person
     *
     * @return list<string> whoever is away, each followed by whoever stands in first
     */
    private function concerned(array $stretches): array
    {
        $people = [];
        foreach (array_map(strval(...), array_keys($this->house->roster->people)) as $id) {
            foreach ($stretches[$id] ?? [] as $stretch) {
                $people += array_fill_keys([$id, ...array_slice($stretch['substitutes'], 0, 1)], true);
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
        $asked = new Strength($this->withAsked($absences));
        $rows = [];
        foreach ($this->groups as $group) {
            if ($group['minimum'] === null && ($group['of'] !== 'team' || $group['slug'] !== $this->team)) {
                continue;
            }
            $with = $asked->of($group['members'], $this->first, $this->days);
            $rows[] = ['of' => $group['of'], 'slug' => $group['slug'], 'name' => $group['name'], 'minimum' => $group['minimum'], 'days' => array_map(
                static fn(DayStrength $day, DayStrength $then): array => [
                    'there' => $day->there,
                    'ifApproved' => $then->there,
                    'off' => $day->expected === 0,
                    'below' => $group['minimum'] !== null && $day->isBelow($group['minimum']),
                    'wouldBeBelow' => $group['minimum'] !== null && $then->isBelow($group['minimum']),
                ],
                $this->strength->of($group['members'], $this->first, $this->days),
                $with,
            )];
        }

        return $rows;
    }

    /** @param list<Absence> $absences */
    private function withAsked(array $absences): Roster
    {
        $asked = array_filter($absences, static fn(Absence $absence): bool => $absence->status === AbsenceStatus::Asked);

        return $this->house->roster->with(...array_map(fn(Absence $absence): CoreAbsence => AbsenceReader::of($absence, $this->house)->approved(), array_values($asked)));
    }
}
