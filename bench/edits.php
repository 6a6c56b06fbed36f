<?php

declare(strict_types=1);

// Edits of open tasks that tick.php has left, by which a benchmark measures how long others wait.

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Illuminate\Foundation\Application;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Priority;

/** @param Closure(): mixed $what */
function secondsOf(Closure $what): float
{
    $begin = hrtime(true);
    $what();

    return (hrtime(true) - $begin) / 1e9;
}

/**
 * @param int $most of them, each of another task
 *
 * @return Closure(): float edits one, in milliseconds
 */
function editsOf(Application $app, User $user, int $most): Closure
{
    $edited = Task::query()
        ->where('title', 'Open task')
        ->orderByDesc('id')
        ->limit($most)
        ->get(['id'])
        ->map(static fn(Task $task): string => $task->id)
        ->all();
    $editTask = $app->make(EditTask::class);
    $tag = uniqid('edited ');

    return static function () use ($editTask, $user, $tag, &$edited): float {
        $id = array_pop($edited) ?? throw new RuntimeException('There are too few tasks.');
        $change = static fn(TaskSubject $subject): TaskSubject => $subject->prioritised(Priority::High)->tagged($tag);

        return 1_000 * secondsOf(static fn() => $editTask($id, null, new Edit('edited', $change), Actor::user($user)));
    };
}
