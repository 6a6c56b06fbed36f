<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\SnapshotSource;
use App\Bridge\Turn;
use App\Intake\Arrival;
use App\Intake\IncomingTask;
use App\Intake\IncomingTaskReader;
use App\Intake\KeyUsedOtherwise;
use App\Intake\RequestKey;
use App\Intake\TakenIn;
use App\Models\Task;
use App\Models\User;
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
        try {
            $recent = $this->snapshots->recent();
            $incoming = $this->ready($document, $source, $recent);
            $arrival = Arrival::now($incoming, $by, $key);
            $likely = $this->route->rotations($arrival, $recent, $this->snapshots->at($recent));
            $task = DB::transaction(function () use ($document, $source, $arrival, $likely, &$incoming): Task {
                $rotations = Turn::takeWithRotations($likely);
                $house = $this->snapshots->at($rotations->turn);
                if ($incoming->house !== $house->name()) {
                    $incoming = $this->reader->read($document, $source, $house);
                }

                return ($this->route)($arrival->againNow($incoming), $rotations, $house);
            }, attempts: 3);

            return new TakenIn($task, $incoming->customer?->slug, false);
        } catch (UniqueConstraintViolationException|DocumentError $error) {
            // The same request has come before, or was on its way twice and the other was first; it may no longer be right by now.
            return ($key === null ? null : $this->again($key)) ?? throw $error;
        }
    }

    private function ready(Node $document, string $source, Turn $recent): IncomingTask
    {
        $house = $this->snapshots->at($recent);
        try {
            return $this->reader->read($document, $source, $house);
        } catch (DocumentError $error) {
            $now = $this->snapshots->current();

            return $now->name() === $house->name() ? throw $error : $this->reader->read($document, $source, $now);
        }
    }

    private function again(RequestKey $key): ?TakenIn
    {
        $task = Task::query()->with('customer')->where('key_user_id', $key->userId)->where('key', $key->key)->first();
        if ($task !== null && $task->key_hash !== $key->hash) {
            throw new KeyUsedOtherwise('This key came with another request before; use a new one for each task.');
        }

        return $task === null ? null : new TakenIn($task, $task->customer?->slug, true);
    }
}
