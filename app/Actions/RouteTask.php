<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\DecisionRecorder;
use App\Bridge\HouseState;
use App\Bridge\LockedInputs;
use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Bridge\TaskChange;
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
    public function __construct(private RulebookReader $rulebooks, private TaskChange $changes) {}

    /** @param Snapshot $house in that state */
    public function ready(Arrival $arrival, IncomingTask $task, HouseState $state, Snapshot $house): ReadyToRoute
    {
        $router = new Router($house->roster, $this->rulebooks->compiled($state->versionId));

        return new ReadyToRoute($arrival, $task, $this->changes->arrival($arrival, $task, $house), $router, $house, $state);
    }

    /** Called under the lock, with what was made ready for the state that it found. */
    public function __invoke(ReadyToRoute $ready, LockedInputs $inputs): TaskDocument
    {
        $rotations = $inputs->rotations($ready);
        $decision = $ready->router->decide($ready->change, $inputs->work($ready), $rotations);
        if ($decision->rotation !== null) {
            $inputs->rotations->save($decision->rotation, $ready->house);
        }
        $task = DecisionRecorder::record($decision, $ready, $inputs);

        return TaskDocument::arrived($task, $ready->task, $decision, $ready->house);
    }
}
