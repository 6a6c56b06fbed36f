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
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Strength;

/** Who is away over some weeks, lane by lane, and who is left of each team. Its type is AbsenceChart.ts. */
final readonly class AbsenceChart
{
    /** Lanes of those who are away, where no team is chosen. */
    private const MOST_LANES = 120;

    private ChartWeeks $weeks;

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
        $this->weeks = ChartWeeks::asked($request, $this->house->roster->house);
        $this->strength = (new Strength($this->house->roster))->with(...$this->past());
        $this->team = isset($this->house->roster->teams[$request->string('team')->toString()])
            ? $request->string('team')->toString()
            : '';
    }

    /** @return list<CoreAbsence> those that were approved and are over, which decisions do not know of any more */
    private function past(): array
    {
        $known = CarbonImmutable::now()->subDays(Absence::LATELY)->format('Y-m-d');
        if ($this->weeks->first->format() >= $known) {
            return [];
        }
        $over = Absence::query()
            ->with(Absence::WITH)
            ->where('status', AbsenceStatus::Approved)
            ->where(
                fn(Builder $some): Builder => $some
                    ->whereBetween('last_day', [$this->weeks->first->format(), $known])
                    ->orWhereBetween('to', [$this->weeks->first->format(), $known]),
            );

        return array_values(
            $over->get()->map(fn(Absence $absence): CoreAbsence => AbsenceReader::of($absence, $this->house))->all(),
        );
    }

    /** @return array<string, mixed> */
    public function props(): array
    {
        $absences = $this->absences($this->weeks->begin(), $this->weeks->end());

        return [
            'from' => $this->weeks->first->format(),
            'weeks' => intdiv($this->weeks->days, 7),
            'team' => $this->team,
            'teams' => array_values(
                array_map(
                    static fn($team): array => ['value' => $team->id, 'label' => $team->name],
                    $this->house->roster->teams,
                ),
            ),
            'days' => $this->weeks->dates(),
            'lanes' => $this->lanes($absences),
            'strength' => (new ChartStrength(
                $this->house,
                $this->weeks,
                $this->groups,
                $this->strength,
                $this->team,
            ))->rows($absences),
        ];
    }

    /** @return list<Absence> that meet the time, approved or asked for, as far as whoever looks sees them */
    private function absences(int $from, int $to): array
    {
        $leads = $this->viewer->user()->leads();
        $own = $this->viewer->person()?->id;

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
                ->meeting($from, $to)
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
            'from' => $this->weeks->place($span->from),
            'to' => $this->weeks->place($span->to),
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
}
