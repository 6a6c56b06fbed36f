<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\SeenInTurn;
use App\Bridge\SnapshotSource;
use App\Bridge\Turn;
use App\Formats\TaskDocument;
use App\Intake\Arrival;
use App\Intake\IncomingTaskReader;
use App\Intake\KeyUsedOtherwise;
use App\Intake\ReadyToRoute;
use App\Intake\RequestKey;
use App\Intake\TakenIn;
use App\Models\Task;
use App\Models\User;
use Illuminate\Database\Connection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/**
 * Takes a task in and routes it, in one transaction; with a key, once however
 * often it is sent.
 *
 * All that can be is made ready before one's turn, from what was last seen of
 * the house; where the house has changed since, it is done again.
 */
final readonly class TakeInTask
{
    public function __construct(
        private SnapshotSource $snapshots,
        private IncomingTaskReader $reader,
        private RouteTask $route,
    ) {}

    /**
     * @param Node   $document as other systems send it; docs/formats/openapi.yaml describes it
     * @param string $source   by what way it came in, of those that the field "task.source" knows
     *
     * @throws DocumentError    with all that is wrong with it; nothing is changed
     * @throws KeyUsedOtherwise
     */
    public function __invoke(Node $document, string $source, ?User $by, ?RequestKey $key = null): TakenIn
    {
        $arrival = new Arrival($by, $key);
        try {
            $ready = $this->readyAtFirst($document, $source, $arrival);
            $task = DB::transaction(function (Connection $database) use ($document, $source, $arrival, &$ready): TaskDocument {
                $seen = SeenInTurn::by($ready, $database);
                if (! $seen->turn->is($ready->turn)) {
                    $ready = $this->ready($document, $source, $arrival, $seen->turn);
                }

                return ($this->route)($ready, $seen);
            }, attempts: 3);

            return new TakenIn($task, false);
        } catch (UniqueConstraintViolationException|DocumentError $error) {
            // The same request has come before, or was on its way twice and the other was first; it may no longer be right by now.
            return ($key === null ? null : $this->again($key)) ?? throw $error;
        }
    }

    private function readyAtFirst(Node $document, string $source, Arrival $arrival): ReadyToRoute
    {
        $recent = $this->snapshots->recent();
        try {
            return $this->ready($document, $source, $arrival, $recent);
        } catch (DocumentError $error) {
            $now = Turn::look();

            return $now->is($recent) ? throw $error : $this->ready($document, $source, $arrival, $now);
        }
    }

    private function ready(Node $document, string $source, Arrival $arrival, Turn $turn): ReadyToRoute
    {
        $house = $this->snapshots->at($turn);

        return $this->route->ready($arrival, $this->reader->read($document, $source, $house), $turn, $house);
    }

    private function again(RequestKey $key): ?TakenIn
    {
        $task = Task::query()->with(['customer', 'claimants'])->where('key_user_id', $key->userId)->where('key', $key->key)->first();
        if ($task !== null && $task->key_hash !== $key->hash) {
            throw new KeyUsedOtherwise('This key came with another request before; use a new one for each task.');
        }

        return $task === null ? null : new TakenIn(TaskDocument::of($task, $this->snapshots->current()), true);
    }
}
