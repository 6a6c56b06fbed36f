<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Bridge\Snapshot;
use App\Http\Pages\Tasks\TaskLine;
use App\Models\Tasks\Task;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Workload\WorkItem;

/**
 * What a lead asks of the floor first: who has room, who is over, what will be late, what nobody has, who is away; each
 * by the few that weigh most and how many there are. Its type is FloorAnswers in FloorPage.ts.
 */
final readonly class FloorAnswers
{
    /** Of each that are named. */
    private const NAMED = 4;

    /** Of those that will be late, listed one by one, and those of them of which it is worked out what would help. */
    private const LISTED = 100;
    private const HELPED = 8;

    /** @param list<Person> $people each once */
    public function __construct(
        private array $people,
        private FloorLanes $lanes,
        private Snapshot $house,
        private int $now,
    ) {}

    /** @return array<string, mixed> */
    public function all(): array
    {
        return ['room' => $this->room(), 'over' => $this->over(), 'late' => $this->late(), 'away' => $this->away()];
    }

    /** @return array{count: int, people: list<array<string, mixed>>} minutes that are free, the most first */
    private function room(): array
    {
        return $this->most(
            array_filter($this->people, $this->lanes->hasRoom(...)),
            fn(Person $one): int => $this->lanes->outlook($one)->free(),
            static fn(Person $one, int $free): array => ['minutes' => $free],
        );
    }

    /** @return array{count: int, people: list<array<string, mixed>>} minutes that will be late, and from when */
    private function over(): array
    {
        return $this->most(
            array_filter($this->people, fn(Person $one): bool => $this->lanes->outlook($one)->isOver()),
            fn(Person $one): int => $this->lanes->outlook($one)->over,
            fn(Person $one, int $over): array => [
                'minutes' => $over,
                'from' => Instant::orNull($this->lanes->outlook($one)->overFrom()),
            ],
        );
    }

    /** @return array{count: int, people: list<array<string, mixed>>} until when, the longest first */
    private function away(): array
    {
        $until = fn(Person $one): int => $this->house->roster->awayUntil($one->id, $this->now) ?? 0;

        return $this->most(
            array_filter($this->people, $this->lanes->isAway(...)),
            $until,
            static fn(Person $one, int $at): array => ['until' => Instant::orNull($at === 0 ? null : $at)],
        );
    }

    /** @return array{overdue: int, tooLate: int, worst: list<array<string, mixed>>} */
    private function late(): array
    {
        $overdue = $tooLate = 0;
        foreach ($this->people as $person) {
            $overdue += count($this->lanes->outlook($person)->overdue);
            $tooLate += count($this->lanes->outlook($person)->tooLate);
        }

        return ['overdue' => $overdue, 'tooLate' => $tooLate, 'worst' => $this->tooLate(self::NAMED)];
    }

    /**
     * What can't be in time as planned.
     *
     * @param TooLateHelp|null $help of the first of them it is worked out what would help; null: it is not
     *
     * @return list<array<string, mixed>> the latest first: each as TooLateTask
     */
    public function tooLate(int $most = self::LISTED, ?TooLateHelp $help = null): array
    {
        $found = [];
        foreach ($this->people as $person) {
            $plan = $this->lanes->outlook($person)->plan;
            foreach ($this->lanes->outlook($person)->tooLate as $item) {
                $finish = $plan->finishes[$item->id] ?? null;
                $found[] = [$item, $person, $finish, ($finish ?? PHP_INT_MAX) - (int) $item->dueAt];
            }
        }
        usort($found, static fn(array $a, array $b): int => $b[3] <=> $a[3] ?: WorkItem::compare($a[0], $b[0]));
        $shown = array_slice($found, 0, $most);
        $ids = array_map(static fn(array $one): string => $one[0]->id, $shown);
        $tasks = Task::query()
            ->with(['kind', 'customer', 'covers.for'])
            ->findMany($ids)
            ->keyBy('id');
        $helps =
            $help?->of(
                $tasks->only(array_slice($ids, 0, self::HELPED))->values(),
                array_combine($ids, array_column($shown, 2)),
            ) ?? [];
        $lines = [];
        foreach ($shown as [$item, $person, $finish, $by]) {
            $task = $tasks->get($item->id);
            if ($task !== null) {
                $lines[] = TaskLine::of($task) + [
                    'holder' => ['slug' => $person->id, 'name' => $person->name],
                    'finishAt' => Instant::orNull($finish),
                    'lateBy' => $finish === null ? null : intdiv($by, 60),
                    'help' => $helps[$item->id] ?? null,
                ];
            }
        }

        return $lines;
    }

    /**
     * @param array<int, Person>                         $people
     * @param callable(Person): int                      $figure
     * @param callable(Person, int): array<string, mixed> $said
     *
     * @return array{count: int, people: list<array<string, mixed>>}
     */
    private function most(array $people, callable $figure, callable $said): array
    {
        $figures = array_map($figure, $people);
        arsort($figures);
        $named = [];
        foreach (array_slice($figures, 0, self::NAMED, true) as $place => $value) {
            $person = $people[$place];
            $named[] = ['slug' => $person->id, 'name' => $person->name] + $said($person, $value);
        }

        return ['count' => count($people), 'people' => $named];
    }
}
