<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Http\Pages\Moment;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\WhatWouldHelp;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/** Tasks that nobody has: since when, why, and what would help. Its type is UnplacedTask in FloorPage.ts. */
final readonly class UnplacedLines
{
    private const MOST = 50;

    /** Those of which it is worked out what would help. */
    private const HELPED = 12;

    public function __construct(private Viewer $viewer, private TaskSubjects $subjects) {}

    public static function count(): int
    {
        return Task::query()->unplaced()->count();
    }

    /** @return list<array<string, mixed>> the most urgent first */
    public function all(): array
    {
        $tasks = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->with(['kind', 'customer', 'covers.for'])
            ->unplaced()
            ->mostUrgentFirst()
            ->limit(self::MOST)
            ->get();
        $helps = $this->helps($tasks->take(self::HELPED));
        $since = self::since($tasks);

        return array_values(
            $tasks
                ->map(
                    fn(Task $task): array => TaskLine::of($task) + [
                        'since' => Moment::of($since[$task->id] ?? $task->arrived_at),
                        'help' => isset($helps[$task->id]) ? $this->help($helps[$task->id]) : null,
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param Collection<int, Task> $tasks
     *
     * @return array<array-key, CarbonImmutable> when somebody last gave it away, by task
     */
    private static function since(Collection $tasks): array
    {
        return Handoff::query()
            ->whereIn('task_id', $tasks->modelKeys())
            ->orderBy('at')
            ->get(['task_id', 'at'])
            ->mapWithKeys(static fn(Handoff $one): array => [$one->task_id => $one->at])
            ->all();
    }

    /**
     * By asking the rules once more; nothing is changed by it.
     *
     * @param Collection<int, Task> $tasks
     *
     * @return array<array-key, WhatWouldHelp> by task
     */
    private function helps(Collection $tasks): array
    {
        $house = $this->viewer->house();
        $router = $house->router();
        $at = CarbonImmutable::now()->getTimestamp();
        $changes = [];
        $needs = new Needs();
        foreach ($this->subjects->all($tasks, $house) as $subject) {
            $facts = $router->facts->of(null, $subject, $at);
            $changes[$subject->id] = $change = new ChangeSet(
                "help-{$subject->id}",
                $at,
                $subject,
                $subject,
                $facts,
                Cause::Retry,
            );
            $needs = $needs->and($router->needs($change));
        }
        $work = WorkReader::of($needs, $house->snapshot);

        return array_map(
            static fn(ChangeSet $change): WhatWouldHelp => WhatWouldHelp::of(
                $router->decide($change, $work, new Rotations()),
            ),
            $changes,
        );
    }

    /** @return array<string, mixed> */
    private function help(WhatWouldHelp $help): array
    {
        return [
            'rule' => $help->rule === null ? null : $this->viewer->ruleNames()[$help->rule] ?? $help->rule,
            'ruleId' => $help->rule,
            'inPool' => $help->inPool,
            'kept' => array_map(
                static fn(int|string $reason, int $count): array => ['reason' => (string) $reason, 'count' => $count],
                array_keys($help->kept),
                $help->kept,
            ),
            'backAt' => Instant::orNull($help->backAt),
        ];
    }
}
