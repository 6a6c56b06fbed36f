<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\AuditTrail;
use App\Intake\IncomingTask;
use App\Intake\KeyUsedOtherwise;
use App\Intake\RequestKey;
use App\Intake\TakenIn;
use App\Models\IntakeKey;
use App\Models\Task;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;

/** Takes a task in and routes it, in one transaction; with a key, once however often it is sent. */
final readonly class TakeInTask
{
    public function __construct(private RouteTask $route) {}

    /** @throws KeyUsedOtherwise */
    public function __invoke(IncomingTask $incoming, ?User $by, ?RequestKey $key = null): TakenIn
    {
        try {
            return new TakenIn(DB::transaction(fn(): Task => $this->take($incoming, $by, $key), attempts: 3), false);
        } catch (UniqueConstraintViolationException $violation) {
            // The same request has come before, or was on its way twice and the other was first.
            return ($key === null ? null : $this->known($key)) ?? throw $violation;
        }
    }

    private function take(IncomingTask $incoming, ?User $by, ?RequestKey $key): Task
    {
        $now = CarbonImmutable::now();
        $task = Task::query()->create([
            'title' => $incoming->title,
            'description' => $incoming->description,
            'task_kind_id' => $incoming->kind->id,
            'status' => TaskStatus::New,
            'priority' => $incoming->priority,
            'customer_id' => $incoming->customer?->id,
            'contact' => $incoming->contact,
            'source' => $incoming->source,
            'facts' => $incoming->facts,
            'tags' => $incoming->tags,
            'estimate_minutes' => $incoming->estimateMinutes,
            'spent_minutes' => 0,
            'starts_at' => $incoming->startsAt,
            'due_at' => $incoming->dueAt,
            'arrived_at' => $now,
            'revision' => 1,
        ]);
        // The one column that counts up by itself is the number.
        $task->number = max(0, (int) DB::connection()->getPdo()->lastInsertId());
        $task->syncOriginalAttribute('number');
        if ($key !== null) {
            DB::table('intake_keys')->insert(['user_id' => $key->userId, 'key' => $key->key, 'request_hash' => $key->hash, 'task_id' => $task->id, 'created_at' => $now]);
        }
        AuditTrail::arrived($task, $by);
        $task->setRelation('kind', $incoming->kind);
        $task->setRelation('customer', $incoming->customer);
        ($this->route)($task, $incoming->customer);

        return $task;
    }

    private function known(RequestKey $key): ?TakenIn
    {
        $known = IntakeKey::query()->with('task')->where('user_id', $key->userId)->where('key', $key->key)->first();
        if ($known === null || $known->task === null) {
            return null;
        }
        if ($known->request_hash !== $key->hash) {
            throw new KeyUsedOtherwise('This key came with another request before; use a new one for each task.');
        }

        return new TakenIn($known->task, true);
    }
}
