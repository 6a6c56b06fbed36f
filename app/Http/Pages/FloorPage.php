<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\WorkReader;
use App\Cover\CoverCounts;
use App\Http\Viewer;
use App\Models\ChainCut;
use App\Models\Handoff;
use App\Models\Task;
use Carbon\CarbonImmutable;
use Closure;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\TaskStatus;

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
            'reviews' => fn(): array => $this->unreviewed(),
            'cuts' => fn(): array => $this->cuts(),
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

    /** @return list<array<string, mixed>> what is to be reviewed and has nobody to do it */
    private function unreviewed(): array
    {
        return array_values(Task::query()->with(['kind', 'customer'])->where('status', TaskStatus::InReview)->whereNull('reviewer_id')->mostUrgentFirst()->limit(self::UNPLACED)->get()->map(TaskLine::of(...))->all());
    }

    /** @return list<array<string, mixed>> what was told of rules and nobody has seen yet */
    private function cuts(): array
    {
        $names = $this->viewer->ruleNames();

        return array_values(ChainCut::query()->with('task')->whereNull('seen_at')->orderByDesc('at')->limit(self::LATEST)->get()->map(fn(ChainCut $cut): array => [
            'id' => $cut->id,
            'at' => Moment::of($cut->at),
            'said' => $this->viewer->words()->words->say("cut.{$cut->reason->value}", ['rules' => implode(' → ', array_map(static fn(string $id): string => '“'.($names[$id] ?? $id).'”', $cut->ruleIds()))]),
            'what' => $this->viewer->words()->words->say("cut.what_{$cut->reason->value}"),
            'rules' => $cut->ruleIds(),
            'taskId' => $cut->task_id,
            'number' => (int) $cut->task?->number,
        ])->all());
    }
}
