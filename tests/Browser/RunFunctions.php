<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use OpenBaton\Core\Workload\TaskStatus;

/** @return Task open, held, on which there was no run, of none, and without an approval */
function taskForRun(): Task
{
    return Task::query()
        ->open()
        ->where('status', TaskStatus::New)
        ->whereNotNull('assignee_id')
        ->whereNull('approval_id')
        ->whereNotIn('id', Run::query()->whereNotNull('task_id')->select('task_id'))
        ->whereNotIn('id', RunBlock::query()->whereNotNull('task_id')->select('task_id'))
        ->orderBy('number')
        ->firstOrFail();
}
