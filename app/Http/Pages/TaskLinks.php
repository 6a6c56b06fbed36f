<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\Task;
use Illuminate\Database\Eloquent\Builder;

/** The tasks that have to do with a task, and how. Its type is TaskLinks.ts. */
final class TaskLinks
{
    /**
     * @param Task $task with waitsOn and linked
     *
     * @return list<array{task: array<string, mixed>, ways: list<string>}> open ones first, the newest of each first
     */
    public static function of(Task $task): array
    {
        $ways = [];
        $others = [
            'made_by' => array_filter([$task->made_by_id]),
            'made' => self::ids($task->made()->getQuery()),
            'waits_on' => $task->waitsOn->modelKeys(),
            'waited_for' => $task->status->isOpen() ? self::ids($task->waitedForBy()->getQuery()) : [],
            'linked' => $task->linked->modelKeys(),
        ];
        foreach ($others as $way => $ids) {
            foreach ($ids as $id) {
                $ways[(string) $id][] = $way;
            }
        }
        $tasks = $ways === [] ? [] : Task::query()->with(['kind', 'customer'])->findMany(array_map(strval(...), array_keys($ways)))
            ->sortBy([static fn(Task $one, Task $other): int => $other->status->isOpen() <=> $one->status->isOpen() ?: $other->number <=> $one->number])->all();

        return array_values(array_map(static fn(Task $one): array => ['task' => TaskLine::of($one), 'ways' => $ways[$one->id]], $tasks));
    }

    /**
     * @param Builder<Task> $query
     *
     * @return list<string>
     */
    private static function ids(Builder $query): array
    {
        /** @var list<string> $ids */
        $ids = $query->pluck('id')->all();

        return $ids;
    }
}
