<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\DecisionRecorder;
use App\Bridge\RotationStore;
use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskEvent;
use App\Bridge\WorkReader;
use App\Models\Customer;
use App\Models\Decision;
use App\Models\Task;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Router;

/**
 * Routes a task that has arrived.
 *
 * In one transaction: the published rulebook is the turnstile through which
 * one routing goes at a time, so that what a decision sees of work and
 * rotations is what it changes. All of it commits, or none.
 */
final readonly class RouteTask
{
    public function __construct(private SnapshotSource $snapshots, private RulebookReader $rulebooks) {}

    public function __invoke(Task $task, ?Customer $customer): Decision
    {
        return DB::transaction(function () use ($task, $customer): Decision {
            $version = $this->rulebooks->lockPublished();
            $snapshot = $this->snapshots->current();
            $rings = RotationStore::lock($snapshot);
            $router = new Router($snapshot->roster, $this->rulebooks->compile($version, $snapshot));

            $decision = $router->decide(
                TaskEvent::arrival($task, $customer, $snapshot),
                WorkReader::read($snapshot, $task->id),
                $rings,
            );
            if ($decision->ring !== null) {
                RotationStore::save($rings->ring($decision->ring->name), $decision->ring, $snapshot);
            }

            return DecisionRecorder::record($decision, $task, $version?->id, $snapshot);
        }, attempts: 3);
    }
}
