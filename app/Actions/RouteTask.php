<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\ChangeRunner;
use App\Bridge\HouseAt;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Formats\TaskDocument;
use App\Intake\Arrival;
use App\Intake\IncomingTask;
use App\Intake\ReadyToRoute;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/** Routes a task that arrives. */
final readonly class RouteTask
{
    public function __construct(private TaskSubjects $subjects, private ChangeRunner $runner) {}

    public function ready(Arrival $arrival, IncomingTask $task, HouseAt $house): ReadyToRoute
    {
        $subject = $this->subjects->arriving($arrival, $task, $house->snapshot);
        $facts = $house->router()->facts->of(null, $subject, $arrival->at);

        return new ReadyToRoute($arrival, $task, new ChangeSet("arrival-{$arrival->taskId}", $arrival->at, null, $subject, $facts), $house);
    }

    /** @param ReadyToRoute $ready with a house that decides like the locked one */
    public function __invoke(ReadyToRoute $ready, LockedHouse $locked): TaskDocument
    {
        $task = $ready->arrival->task($ready->task);
        $occasion = new Occasion($ready->change->at, Cause::Intake, TaskArrives::kind(), $ready->arrival->byUserId);
        $chain = $this->runner->run($locked, $occasion, [$ready->change], [$ready->arrival->taskId => $task], $ready->needs);

        return TaskDocument::arrived($task, $ready->task, $chain->subjects[$ready->arrival->taskId], $locked->house->snapshot);
    }
}
