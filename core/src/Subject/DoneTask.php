<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Workload\TaskStatus;

/** A task that is done and belongs with another one, as far as it takes to say who did it. */
final readonly class DoneTask
{
    public function __construct(public string $id, public string $kind, public string $byId) {}

    /**
     * Those that are done of the tasks that belong with one: what rules made for the same task, or for it, the task
     * that it was made for, and what people have linked.
     *
     * @param iterable<TaskSubject> $tasks  as they are by now, the latest first
     * @param list<self>        $before those that were done before, of others
     *
     * @return list<self>
     */
    public static function with(TaskSubject $task, iterable $tasks, array $before): array
    {
        $done = $known = [];
        foreach ($tasks as $one) {
            $known[$one->id] = true;
            $kind = $one->fields['task.kind'] ?? null;
            if (
                $one->status === TaskStatus::Done &&
                $one->holderId !== null &&
                self::belong($task, $one->id, $one->madeById)
            ) {
                $done[] = new self($one->id, is_string($kind) ? $kind : '', $one->holderId);
            }
        }

        return [
            ...$done,
            ...array_values(array_filter($before, static fn(self $one): bool => !isset($known[$one->id]))),
        ];
    }

    /** @param string|null $madeById the task that the other one was made for */
    public static function belong(TaskSubject $task, string $otherId, ?string $madeById): bool
    {
        return $otherId !== $task->id &&
            ($otherId === $task->madeById ||
                $madeById === $task->id ||
                ($task->madeById !== null && $madeById === $task->madeById) ||
                in_array($otherId, $task->linkedTo, true));
    }
}
