<?php

declare(strict_types=1);

use App\Models\Cases\CustomerCase;
use App\Tasks\CompleteTask;
use OpenBaton\Core\Workload\TaskStatus;

/** What the case waits for is done by whoever has it, and what the lead is asked is answered by one key. */
function doNeeded(mixed $test, CustomerCase $case): void
{
    foreach (
        $case->tasks()->where('needed', true)->where('status', TaskStatus::New)->with('assignee.user')->get()
        as $task
    ) {
        app(CompleteTask::class)($task, $task->assignee?->user?->setRelation('person', $task->assignee), 'Done.');
    }
    $asked = $case->tasks()->whereNotNull('approval_id')->sole();
    $test->visit("/in-hand?task={$asked->id}");
    $test->see('To be approved');
    $test->browser->getKeyboard()->sendKeys('y');
    $test->until(fn(): bool => $asked->refresh()->completed_at !== null, fn(): string => 'no answer');
}
