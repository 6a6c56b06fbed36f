<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\TasksInSight;
use Illuminate\Database\Eloquent\Builder;

/**
 * The tasks that have to do with a task, and how: those that the viewer does not see by their number alone. Its type is
 * TaskLinks.ts.
 */
final readonly class TaskLinks
{
    public function __construct(private Viewer $viewer, private TasksInSight $sight) {}

    /**
     * @param Task $task with waitsOn and linked
     *
     * @return list<array{number: int, task: array<string, mixed>|null, ways: list<string>}> open ones first, the newest
     *     of each first
     */
    public function of(Task $task): array
    {
        $ways = [];
        $others = [
            'made_by' => array_filter([$task->made_by_id]),
            'made' => self::ids($task->made()->getQuery()),
            'waits_on' => $task->waitsOn->modelKeys(),
            'waited_for' => $task->status->isOpen() ? self::ids($task->waitedForBy()->getQuery()) : [],
            'linked' => $task->linked->modelKeys(),
        ];
        foreach ($others as $way => $those) {
            foreach ($those as $id) {
                $ways[(string) $id][] = $way;
            }
        }
        $ids = array_map(strval(...), array_keys($ways));
        $tasks =
            $ways === []
                ? []
                : Task::query()
                    ->with(['kind', 'customer'])
                    ->findMany($ids)
                    ->sortBy([
                        static fn(Task $one, Task $other): int => $other->status->isOpen() <=> $one->status->isOpen() ?:
                        $other->number <=> $one->number,
                    ])
                    ->all();

        $seen =
            $tasks === []
                ? []
                : $this->sight
                    ->of($this->viewer->user(), Task::query()->whereKey($ids))
                    ->pluck('id')
                    ->flip()
                    ->all();

        return array_values(
            array_map(
                static fn(Task $one): array => [
                    'number' => (int) $one->number,
                    'task' => isset($seen[$one->id]) ? TaskLine::of($one) : null,
                    'ways' => $ways[$one->id],
                ],
                $tasks,
            ),
        );
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
