<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\WorkReader;
use App\Http\Viewer;
use App\Models\Handoff;
use App\Models\Task;
use Carbon\CarbonImmutable;
use Closure;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\LocalDate;

/** The lead's home. Its type is FloorPage.ts. */
final readonly class FloorPage
{
    private const DAYS = 5;

    private const LATEST = 12;

    private const UNPLACED = 50;

    private int $now;

    public function __construct(private Viewer $viewer)
    {
        $this->now = CarbonImmutable::now()->getTimestamp();
    }

    /** @return array<string, Closure(): mixed> */
    public function props(): array
    {
        return [
            'days' => fn(): array => array_map(static fn(LocalDate $date): string => $date->format(), $this->days()),
            'now' => fn(): string => Instant::format($this->now),
            'teams' => fn(): array => $this->teams(),
            'unplaced' => fn(): array => $this->unplaced(),
            'open' => static fn(): int => Task::query()->claimable()->count(),
            'handoffs' => fn(): array => $this->handoffs(),
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

    /** @return list<array<string, mixed>> */
    private function teams(): array
    {
        $house = $this->viewer->snapshot();
        $lanes = new FloorLanes($house->roster, WorkReader::ofEverybody($house), $this->days(), $this->now);
        $teams = [];
        $seen = [];
        foreach ($house->roster->teams as $team) {
            $people = [];
            foreach ($team->members as $member) {
                $seen[$member->personId] = true;
                $people[] = $lanes->of($house->roster->people[$member->personId], $team);
            }
            $teams[] = [
                'slug' => $team->id,
                'name' => $team->name,
                'above' => $team->parentId === null ? null : $house->roster->teams[$team->parentId]->name,
                'people' => $people,
            ];
        }
        $others = array_filter(array_diff_key($house->roster->people, $seen), static fn(Person $person): bool => $person->active);
        if ($others !== []) {
            $teams[] = ['slug' => '', 'name' => 'In no team', 'above' => null, 'people' => array_values(array_map(static fn(Person $person): array => $lanes->of($person, null), $others))];
        }

        return $teams;
    }

    /** @return list<array<string, mixed>> */
    private function unplaced(): array
    {
        return array_values(Task::query()->with(['kind', 'customer'])->unplaced()->mostUrgentFirst()->limit(self::UNPLACED)->get()->map(TaskLine::of(...))->all());
    }

    /** @return list<array<string, mixed>> */
    private function handoffs(): array
    {
        return array_values(Handoff::query()->with(['task', 'from', 'to', 'standsInFor'])->orderByDesc('at')->orderByDesc('id')->limit(self::LATEST)->get()
            ->map(HandoffLine::of(...))->all());
    }
}
