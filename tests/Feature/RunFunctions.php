<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Tasks\CompleteTask;
use Tests\Support\House;
use Tests\Support\Runsheets;

/** Somebody completes what they hold, and what follows is handed out. */
function completedStep(Run $run, string $key): void
{
    app()->forgetScopedInstances();
    $task = Runsheets::taskOf($run, $key);
    app(CompleteTask::class)($task, House::user($task->assignee->slug ?? 'hanneke'), 'Done.');
    Runsheets::handOut();
}
