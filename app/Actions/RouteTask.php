<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\ChainRecorder;
use App\Bridge\ChainSurroundings;
use App\Bridge\Commit;
use App\Bridge\HouseState;
use App\Bridge\LockedInputs;
use App\Bridge\Routers;
use App\Bridge\Snapshot;
use App\Bridge\TaskSubjects;
use App\Formats\TaskDocument;
use App\Intake\Arrival;
use App\Intake\IncomingTask;
use App\Intake\ReadyToRoute;
use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/**
 * Routes a task that arrives, and writes what comes of it.
 *
 * One routing at a time, so that what a decision sees of work and rotations is
 * what it changes. Called within the transaction that takes the task in: all
 * of it commits, or none.
 */
final readonly class RouteTask
{
    public function __construct(private Routers $routers, private TaskSubjects $subjects, private ChainRecorder $recorder) {}

    /** @param Snapshot $house in that state */
    public function ready(Arrival $arrival, IncomingTask $task, HouseState $state, Snapshot $house): ReadyToRoute
    {
        $router = $this->routers->at($state, $house);
        $subject = $this->subjects->arriving($arrival, $task, $house);
        $facts = $router->facts->of(null, $subject, $arrival->at);

        return new ReadyToRoute($arrival, $task, new ChangeSet("arrival-{$arrival->taskId}", $arrival->at, null, $subject, $facts), $router, $house, $state);
    }

    /** Called under the lock, with what was made ready for the state that it found. */
    public function __invoke(ReadyToRoute $ready, LockedInputs $inputs): TaskDocument
    {
        $chain = (new Chain($ready->router, new ChainSurroundings($inputs, $ready->house, $this->subjects), $ready->needs))->run($ready->change);
        $commit = new Commit($ready->house, $inputs, $ready->change->at, Cause::Intake, TaskArrives::kind(), $ready->arrival->byUserId);
        $task = $ready->arrival->task($ready->task);
        $this->recorder->record($chain, $commit, [$ready->arrival->taskId => $task]);

        return TaskDocument::arrived($task, $ready->task, $chain->subjects[$ready->arrival->taskId], $ready->house);
    }
}
