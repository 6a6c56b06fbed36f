<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\DecisionRecorder;
use App\Bridge\RotationStore;
use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Bridge\TaskEvent;
use App\Bridge\Turn;
use App\Bridge\WorkReader;
use App\Database\OneStatement;
use App\Intake\Arrival;
use App\Models\Task;
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

    /**
     * The rotations that it will ask for, as far as can be seen before one's turn.
     *
     * @return list<string> by name
     */
    public function rotations(Arrival $arrival, Turn $turn, Snapshot $snapshot): array
    {
        return $this->router($turn, $snapshot)->needs(TaskEvent::arrival($arrival, $snapshot))->rotations;
    }

    /** Called in one's turn. */
    public function __invoke(Arrival $arrival, RotationStore $rotations, Snapshot $snapshot): Task
    {
        $router = $this->router($rotations->turn, $snapshot);
        $event = TaskEvent::arrival($arrival, $snapshot);
        $needs = $router->needs($event);
        $decision = $router->decide($event, WorkReader::of($needs->people, $snapshot), $rotations->rings($needs->rotations, $snapshot));
        $writes = new OneStatement();
        if ($decision->ring !== null) {
            $rotations->save($decision->ring, $snapshot, $writes);
        }
        $row = DecisionRecorder::record($decision, $arrival, $rotations->turn->versionId, $snapshot, $writes);

        // The one column that counts up by itself is the task's number.
        return (new Task())->newFromBuilder($row + ['number' => $writes->run()]);
    }

    private function router(Turn $turn, Snapshot $snapshot): Router
    {
        return new Router($snapshot->roster, $this->rulebooks->inForce($turn, $snapshot));
    }
}
