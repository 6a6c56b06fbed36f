<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\DecisionRecorder;
use App\Bridge\RulebookReader;
use App\Bridge\SeenInTurn;
use App\Bridge\Snapshot;
use App\Bridge\TaskEvent;
use App\Bridge\Turn;
use App\Database\Writes;
use App\Formats\TaskDocument;
use App\Intake\Arrival;
use App\Intake\IncomingTask;
use App\Intake\ReadyToRoute;
use OpenBaton\Core\Routing\Router;

/**
 * Routes a task that arrives, and writes it as the decision leaves it.
 *
 * One routing at a time, so that what a decision sees of work and rotations is
 * what it changes. Called within the transaction that takes the task in: all
 * of it commits, or none.
 */
final readonly class RouteTask
{
    public function __construct(private RulebookReader $rulebooks) {}

    /** @param Snapshot $house in that turn */
    public function ready(Arrival $arrival, IncomingTask $task, Turn $turn, Snapshot $house): ReadyToRoute
    {
        $router = new Router($house->roster, $this->rulebooks->inForce($turn, $house));

        return new ReadyToRoute($arrival, $task, TaskEvent::arrival($arrival, $task, $house), $router, $house, $turn);
    }

    /** Called in one's turn, which is as it was when it was made ready. */
    public function __invoke(ReadyToRoute $ready, SeenInTurn $seen): TaskDocument
    {
        $decision = $ready->router->decide($ready->event, $seen->work($ready), $seen->rings($ready));
        $writes = new Writes();
        if ($decision->ring !== null) {
            $seen->rotations->save($decision->ring, $ready->house, $writes);
        }
        $task = $ready->task->after($decision->effects);
        DecisionRecorder::record($decision, $task, $ready, $writes);

        // The one column that counts up by itself is the task's number.
        return TaskDocument::arrived($writes->run($seen->database), $task, $decision, $ready);
    }
}
