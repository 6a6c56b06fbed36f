<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\FieldContext;
use App\Fields\FieldProviders;
use App\Intake\Arrival;
use App\Intake\IncomingTask;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\Effort;

/** What happens to a task as a change set of the core. */
final readonly class TaskChange
{
    public function __construct(private FieldProviders $fields) {}

    public function arrival(Arrival $arrival, IncomingTask $task, Snapshot $house): ChangeSet
    {
        $subject = new Subject(
            $arrival->taskId,
            $arrival->at,
            new Effort($task->kind->usualMinutes, $task->estimateMinutes),
            priority: $task->priority,
            startAt: $task->startsAt,
            dueAt: $task->dueAt,
            tags: $task->tags,
        );
        $context = new FieldContext($house->catalogue, new Zone($house->zone));

        return new ChangeSet("arrival-{$arrival->taskId}", $arrival->at, null, $subject, $this->fields->facts($task, $subject, $context, $arrival->at));
    }
}
