<?php

declare(strict_types=1);

use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use OpenBaton\Core\Workload\TaskStatus;

/** @return Task open, held, with no run on it, of none, and without an approval */
function taskForRun(): Task
{
    return Task::query()
        ->open()
        ->where('status', TaskStatus::New)
        ->whereNotNull('assignee_id')
        ->whereNull('approval_id')
        ->where('runs', 0)
        ->whereNotIn('id', RunBlock::query()->whereNotNull('task_id')->select('task_id'))
        ->orderBy('number')
        ->firstOrFail();
}
