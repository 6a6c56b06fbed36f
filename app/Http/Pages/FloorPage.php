<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\Snapshot;
use App\Bridge\WorkReader;
use App\Models\Handoff;
use App\Models\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Workload\DayLoad;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Work;

/** The lead's home. Its type is FloorPage.ts. */
final readonly class FloorPage
{
    private const DAYS = 5;

    private const LATEST = 12;

    private const UNPLACED = 50;

    private int $now;

    private Work $work;

    public function __construct(private Snapshot $snapshot)
    {
        $this->now = CarbonImmutable::now()->getTimestamp();
        $this->work = WorkReader::ofEverybody($snapshot);
    }

    /** @return array<string, mixed> */
    public function props(): array
    {
        $days = $this->days();

        return [
            'days' => array_map(static fn(LocalDate $date): string => $date->format(), $days),
            'now' => Instant::format($this->now),
            'teams' => $this->teams($days),
            'unplaced' => $this->unplaced(),
            'open' => Task::query()->whereIn('status', ['new', 'working'])->whereNull('assignee_id')->whereHas('claimants')->count(),
            'handoffs' => $this->handoffs(),
        ];
    }

    /** @return list<LocalDate> today and the next working days of the house */
    private function days(): array
    {
        $date = $this->snapshot->roster->house->zone()->dateAt($this->now);
        $days = [$date];
        for ($tries = 0; count($days) < self::DAYS && $tries < 60; ++$tries) {
            $date = $date->plus(1);
            if ($this->snapshot->roster->house->spansOf($date) !== []) {
                $days[] = $date;
            }
        }

        return $days;
    }

    /**
     * @param list<LocalDate> $days
     *
     * @return list<array<string, mixed>>
     */
    private function teams(array $days): array
    {
        $teams = [];
        $seen = [];
        foreach ($this->snapshot->roster->teams as $team) {
            $lanes = [];
            foreach ($team->members as $member) {
                $seen[$member->personId] = true;
                $lanes[] = $this->lane($this->snapshot->roster->people[$member->personId], $team, $days);
            }
            $teams[] = [
                'slug' => $team->id,
                'name' => $team->name,
                'above' => $team->parentId === null ? null : $this->snapshot->roster->teams[$team->parentId]->name,
                'people' => $lanes,
            ];
        }
        $others = array_diff_key($this->snapshot->roster->people, $seen);
        $others = array_filter($others, static fn(Person $person): bool => $person->active);
        if ($others !== []) {
            $teams[] = ['slug' => '', 'name' => 'In no team', 'above' => null, 'people' => array_values(array_map(fn(Person $person): array => $this->lane($person, null, $days), $others))];
        }

        return $teams;
    }

    /**
     * @param list<LocalDate> $days
     *
     * @return array<string, mixed>
     */
    private function lane(Person $person, ?Team $team, array $days): array
    {
        $held = $this->work->held($person->id);
        $presence = $this->snapshot->roster->presenceOf($person->id);
        $plan = LoadPlanner::plan($person->hours, $presence, $person->capacity, $held->loading, $this->now);
        $absence = $this->snapshot->roster->absenceOf($person->id, $this->now);

        return [
            'slug' => $person->id,
            'name' => $person->name,
            'lead' => $team?->leadId === $person->id,
            'state' => match (true) {
                $absence !== null => 'away',
                ! $person->active => 'inactive',
                $person->pausedUntil !== null && $this->now < $person->pausedUntil => 'paused',
                (new WorkingTime($presence))->isWorking($this->now) => 'in',
                default => 'off',
            },
            'awayUntil' => $absence === null ? null : Instant::format($absence->span->to),
            'substitutes' => array_map(fn(string $slug): array => ['slug' => $slug, 'name' => $this->snapshot->roster->people[$slug]->name], $absence->substituteIds ?? []),
            'openTasks' => $held->openTasks,
            'late' => count(array_filter($held->loading, fn($item): bool => $item->dueAt !== null && $item->dueAt < $this->now)),
            'loadPercent' => $plan->ratio()->percent(),
            'days' => array_map(fn(LocalDate $date): array => $this->day($person, $date, $plan), $days),
        ];
    }

    /** @return array{date: string, state: string, capacity: int, planned: int, late: int} minutes */
    private function day(Person $person, LocalDate $date, LoadPlan $plan): array
    {
        $works = $person->hours->spansOf($date) !== [];
        $absent = $works && $this->snapshot->roster->presenceOf($person->id)->spansOf($date) === [];
        foreach ($plan->days as $day) {
            if ($day->date->day === $date->day) {
                return $this->figures($date, $absent ? 'away' : ($works ? 'works' : 'off'), $day);
            }
        }

        return $this->figures($date, $absent ? 'away' : ($works ? 'works' : 'off'), null);
    }

    /** @return array{date: string, state: string, capacity: int, planned: int, late: int} */
    private function figures(LocalDate $date, string $state, ?DayLoad $day): array
    {
        return [
            'date' => $date->format(),
            'state' => $state,
            'capacity' => $day->capacity ?? 0,
            'planned' => $day->planned ?? 0,
            'late' => $day->late ?? 0,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function unplaced(): array
    {
        return array_values(Task::query()->with(['kind', 'customer'])
            ->whereIn('id', StatusStrip::unplaced()->select('tasks.id'))
            ->orderByRaw("FIELD(priority, 'urgent', 'high', 'normal', 'low')")->orderBy('arrived_at')->limit(self::UNPLACED)->get()
            ->map(TaskLine::of(...))->all());
    }

    /** @return list<array<string, mixed>> */
    private function handoffs(): array
    {
        return array_values(Handoff::query()->with(['task', 'from', 'to', 'standsInFor'])->orderByDesc('at')->orderByDesc('id')->limit(self::LATEST)->get()
            ->map(HandoffLine::of(...))->all());
    }
}
