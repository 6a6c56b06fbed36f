<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Absences\CoverCounts;
use App\Bridge\WorkReader;
use App\Http\Viewer;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Closure;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** The lead's home. Its type is FloorPage.ts. */
final class FloorPage
{
    private const DAYS = 5;

    private const LATEST = 12;

    private const UNPLACED = 50;

    /** Lanes that come with the page; more of them as they are scrolled into view, so many at once. */
    private const FIRST_LANES = 40;

    private const MOST_LANES = 100;

    private readonly int $now;

    private ?FloorLanes $floor = null;

    public function __construct(private readonly Viewer $viewer)
    {
        $this->now = CarbonImmutable::now()->getTimestamp();
    }

    /**
     * @param list<string> $shown whose lanes are asked for, by slug; nobody: the first
     *
     * @return array<string, Closure(): mixed>
     */
    public function props(array $shown): array
    {
        return [
            'days' => fn(): array => array_map(static fn(LocalDate $date): string => $date->format(), $this->days()),
            'now' => fn(): string => Instant::format($this->now),
            'teams' => fn(): array => $this->teams(),
            'full' => fn(): int => $this->full(),
            'lanes' => fn(): array => $this->lanes($shown),
            'unplaced' => fn(): array => $this->unplaced(),
            'open' => static fn(): int => Task::query()->claimable()->count(),
            'reviews' => fn(): array => $this->unreviewed(),
            'toHandOn' => static fn(): array => ToHandOnLines::all(),
            'cuts' => fn(): array => CutLine::unseen($this->viewer, self::LATEST),
            'handoffs' => fn(): array => $this->handoffs(),
            'covers' => fn(): array => CoverCounts::all($this->viewer->snapshot()),
        ];
    }

    /** @return list<LocalDate> today and the next working days of the house */
    private function days(): array
    {
        $date = $this->viewer->snapshot()->roster->house->zone()->dateAt($this->now);
        $days = [$date];
        for ($tries = 0; count($days) < self::DAYS && $tries < 60; ++$tries) {
            $date = $date->plus(1);
            if ($this->viewer->snapshot()->roster->house->spansOf($date) !== []) {
                $days[] = $date;
            }
        }

        return $days;
    }

    private function floor(): FloorLanes
    {
        return $this->floor ??= $this->lanesBy(WorkReader::ofEverybody($this->viewer->snapshot()));
    }

    private function lanesBy(Work $work): FloorLanes
    {
        return new FloorLanes($this->viewer->snapshot()->roster, $work, $this->days(), $this->now);
    }

    /**
     * @return list<array{slug: string, name: string, above: string|null, people: list<Person>, lead: string|null}>
     *     those in no team come last
     */
    private function rows(): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $rows = [];
        $seen = [];
        foreach ($roster->teams as $team) {
            $people = array_values(
                array_map(static fn(Membership $member): Person => $roster->people[$member->personId], $team->members),
            );
            $seen += array_flip(array_column($people, 'id'));
            $rows[] = [
                'slug' => $team->id,
                'name' => $team->name,
                'above' => $team->parentId === null ? null : $roster->teams[$team->parentId]->name,
                'people' => $people,
                'lead' => $team->leadId,
            ];
        }
        $others = array_values(
            array_filter(array_diff_key($roster->people, $seen), static fn(Person $person): bool => $person->active),
        );

        return $others === []
            ? $rows
            : [
                ...$rows,
                [
                    'slug' => '',
                    'name' => $this->viewer->words()->words->say('floor.in_no_team'),
                    'above' => null,
                    'people' => $others,
                    'lead' => null,
                ],
            ];
    }

    /** @return list<array<string, mixed>> who is in them, and what their lanes come to */
    private function teams(): array
    {
        return array_map(function (array $team): array {
            $lanes = array_map($this->floor()->of(...), $team['people']);

            return [
                'slug' => $team['slug'],
                'name' => $team['name'],
                'above' => $team['above'],
                'present' => count(array_filter($lanes, static fn(array $lane): bool => $lane['state'] === 'in')),
                'openTasks' => array_sum(array_column($lanes, 'openTasks')),
                'people' => array_map(
                    static fn(Person $person): array => [
                        'slug' => $person->id,
                        'name' => $person->name,
                        'lead' => $team['lead'] === $person->id,
                    ],
                    $team['people'],
                ),
            ];
        }, $this->rows());
    }

    /** Minutes: the capacity of the fullest day of anybody, the measure of all days. */
    private function full(): int
    {
        $full = 1;
        foreach ($this->rows() as $team) {
            foreach ($team['people'] as $person) {
                $full = max($full, ...array_column($this->floor()->of($person)['days'], 'capacity'));
            }
        }

        return $full;
    }

    /**
     * @param list<string> $shown slugs; nobody: the first lanes
     *
     * @return list<array<string, mixed>>
     */
    private function lanes(array $shown): array
    {
        if ($shown === []) {
            $first = array_slice(array_merge(...array_column($this->rows(), 'people')), 0, self::FIRST_LANES);

            return array_map($this->floor()->of(...), array_values(array_column($first, null, 'id')));
        }
        $house = $this->viewer->snapshot();
        $asked = array_values(
            array_intersect_key($house->roster->people, array_flip(array_slice($shown, 0, self::MOST_LANES))),
        );

        return array_map(
            $this->lanesBy(WorkReader::of(new Needs(array_column($asked, 'id')), $house))->of(...),
            $asked,
        );
    }

    /** @return list<array<string, mixed>> */
    private function unplaced(): array
    {
        return array_values(
            Task::query()
                ->with(['kind', 'customer'])
                ->unplaced()
                ->mostUrgentFirst()
                ->limit(self::UNPLACED)
                ->get()
                ->map(TaskLine::of(...))
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> */
    private function handoffs(): array
    {
        return array_values(
            Handoff::query()
                ->with(['task', 'from', 'to', 'standsInFor'])
                ->orderByDesc('at')
                ->orderByDesc('id')
                ->limit(self::LATEST)
                ->get()
                ->map(HandoffLine::of(...))
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> what is to be reviewed and has nobody to do it */
    private function unreviewed(): array
    {
        return array_values(
            Task::query()
                ->with(['kind', 'customer'])
                ->where('status', TaskStatus::InReview)
                ->whereNull('reviewer_id')
                ->mostUrgentFirst()
                ->limit(self::UNPLACED)
                ->get()
                ->map(TaskLine::of(...))
                ->all(),
        );
    }
}
