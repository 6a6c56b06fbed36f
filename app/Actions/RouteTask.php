<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\DecisionRecorder;
use App\Bridge\RotationStore;
use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskEvent;
use App\Bridge\Turn;
use App\Bridge\WorkReader;
use App\Models\Customer;
use App\Models\Task;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Router;

/**
 * Routes a task that has arrived.
 *
 * In one transaction, one routing at a time, so that what a decision sees of
 * work and rotations is what it changes. All of it commits, or none.
 */
final readonly class RouteTask
{
    public function __construct(private SnapshotSource $snapshots, private RulebookReader $rulebooks) {}

    public function __invoke(Task $task, ?Customer $customer): void
    {
        // Made ready before one's turn; when that comes it is looked at again, and is nearly always the same.
        $soon = $this->snapshots->lastSeen();
        $this->rulebooks->inForce($soon, $this->snapshots->at($soon));

        DB::transaction(function () use ($task, $customer): void {
            $turn = Turn::take();
            $snapshot = $this->snapshots->at($turn);
            $rotations = RotationStore::lock($snapshot);
            $router = new Router($snapshot->roster, $this->rulebooks->inForce($turn, $snapshot));
            $event = TaskEvent::arrival($task, $customer, $snapshot);

            $decision = $router->decide($event, WorkReader::of($router->peopleLookedAt($event), $snapshot), $rotations->rings);
            if ($decision->ring !== null) {
                $rotations->save($decision->ring);
            }
            DecisionRecorder::record($decision, $task, $turn->versionId, $snapshot);
        }, attempts: 3);
    }
}
