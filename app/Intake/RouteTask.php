<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\ChangeRunner;
use App\Bridge\HouseAt;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Fields\FieldProviders;
use App\Models\Tasks\HandoffCause;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Effort;

/** Routes a task that arrives. */
final readonly class RouteTask
{
    public function __construct(private FieldProviders $fields, private ChangeRunner $runner) {}

    public function ready(Arrival $arrival, IncomingTask $task, HouseAt $house): ReadyToRoute
    {
        $subject = new TaskSubject(
            $arrival->taskId,
            $arrival->at,
            new Effort($task->kind->usualMinutes, $task->estimateMinutes),
            priority: $task->priority,
            holderId: $arrival->holder,
            startAt: $task->startsAt,
            dueAt: $task->dueAt,
            tags: $task->tags,
            fields: $this->fields->values($task->content(), $house->snapshot->fieldContext()),
            customerId: $task->customer?->id,
            creatorId: $arrival->byPerson,
        );
        $facts = $house->router()->facts->of(null, $subject, $arrival->at);

        return new ReadyToRoute(
            $arrival,
            $task,
            new ChangeSet(
                "arrival-{$arrival->taskId}",
                $arrival->at,
                null,
                $subject,
                $facts,
                placed: $subject->holderId !== null,
            ),
            $subject,
            $house,
        );
    }

    /** @param ReadyToRoute $ready with a house that decides like the locked one */
    public function __invoke(ReadyToRoute $ready, LockedHouse $locked): TaskDocument
    {
        $task = $ready->arrival->task($ready->task);
        $occasion = new Occasion(
            $ready->change->at,
            Cause::Intake,
            TaskArrives::kind(),
            $ready->arrival->byUserId,
            handoff: HandoffCause::Given,
        );
        $chain = $this->runner->run(
            $locked,
            $occasion,
            [$ready->change],
            [$ready->arrival->taskId => $task],
            $ready->needs,
        );

        return TaskDocument::arrived(
            $task,
            $ready->task,
            $chain->tasks()[$ready->arrival->taskId],
            $locked->house->snapshot,
        );
    }
}
