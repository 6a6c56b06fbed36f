<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Models\Tasks\Task;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use OpenBaton\Core\Subject\TaskSubject;
use Tests\Support\House;

/** @return array<string, mixed> */
function on(string $id, array $when, ?array $give = null, array $then = [], array $if = ['all' => []]): array
{
    return array_filter(
        [
            'id' => $id,
            'name' => "Rule {$id}",
            'active' => true,
            'when' => [$when],
            'if' => $if,
            'give' => $give,
            'then' => $then,
        ],
        static fn(mixed $value): bool => $value !== null,
    );
}

/** @param Closure(TaskSubject): TaskSubject $change */
function edit(Task $task, Closure $change, string $who = 'hanneke'): Task
{
    return app(EditTask::class)->__invoke(
        $task->id,
        null,
        new Edit('edited', static fn(TaskSubject $subject): TaskSubject => $change($subject)),
        Actor::user(House::user($who)),
    );
}
