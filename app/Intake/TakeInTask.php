<?php

declare(strict_types=1);

namespace App\Intake;

use App\Access\RequestKey;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\TaskSubjects;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Refusals\KeyUsedOtherwise;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/**
 * Takes a task in and routes it, in one transaction; with a key, once however
 * often it is sent.
 *
 * All that can be is made ready before the lock, from what was last seen of the
 * house; where the house has changed since, it is done again.
 */
final readonly class TakeInTask
{
    public function __construct(private Houses $houses, private IncomingTaskReader $reader, private RouteTask $route) {}

    /**
     * @param Node        $document as other systems send it; docs/formats/openapi.yaml describes it
     * @param string|null $byPerson who brings it in, by slug, where it is somebody of the house
     * @param string|null $holder   who has it from the beginning, by slug: no rule gives it to anybody
     * @param string|null $track    on which a case opens with it, by slug
     *
     * @throws DocumentError    with all that is wrong with it; nothing is changed
     * @throws KeyUsedOtherwise
     */
    public function __invoke(
        Node $document,
        TaskSource $source,
        ?User $by,
        ?RequestKey $key = null,
        ?string $byPerson = null,
        ?string $holder = null,
        ?string $track = null,
    ): TakenIn {
        $arrival = new Arrival($by, $key, $byPerson, $holder, $track);
        try {
            $ready = $this->readyAtFirst($document, $source, $arrival);
            $task = DB::transaction(function () use ($document, $source, $arrival, &$ready): TaskDocument {
                $locked = $this->houses->lock($ready->house);
                if (!$locked->house->state->decidesLike($ready->house->state)) {
                    $ready = $this->ready($document, $source, $arrival, $locked->house);
                }

                return ($this->route)($ready, $locked);
            }, attempts: 3);

            return new TakenIn($task, false);
        } catch (UniqueConstraintViolationException | DocumentError $error) {
            // The same request has come before, or was on its way twice and the other was first; it may no longer be
            // right by now.
            return ($key === null ? null : $this->again($key)) ?? throw $error;
        }
    }

    private function readyAtFirst(Node $document, TaskSource $source, Arrival $arrival): ReadyToRoute
    {
        $recent = $this->houses->recent();
        try {
            return $this->ready($document, $source, $arrival, $recent);
        } catch (DocumentError $error) {
            $now = $this->houses->now();

            return $now->state->decidesLike($recent->state)
                ? throw $error
                : $this->ready($document, $source, $arrival, $now);
        }
    }

    private function ready(Node $document, TaskSource $source, Arrival $arrival, HouseAt $house): ReadyToRoute
    {
        return $this->route->ready($arrival, $this->reader->read($document, $source, $house), $house);
    }

    private function again(RequestKey $key): ?TakenIn
    {
        $task = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->where('key_user_id', $key->userId)
            ->where('key', $key->key)
            ->first();
        if ($task !== null && $task->key_hash !== $key->hash) {
            throw KeyUsedOtherwise::forTask();
        }

        return $task === null ? null : new TakenIn(TaskDocument::of($task, $this->houses->now()->snapshot), true);
    }
}
