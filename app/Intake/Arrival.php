<?php

declare(strict_types=1);

namespace App\Intake;

use App\Database\Id;
use App\Database\Stamp;
use App\Models\User;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Workload\TaskStatus;

/** That a task arrives: when and by whom, and the id that it will have. */
final readonly class Arrival
{
    public string $taskId;

    /** Instant. */
    public int $at;

    /** Null: somebody who is not signed in. */
    public ?string $byUserId;

    public function __construct(?User $by, private ?RequestKey $key)
    {
        $this->taskId = Id::next();
        $this->at = CarbonImmutable::now()->getTimestamp();
        $this->byUserId = $by?->id;
    }

    /** @return array<string, mixed> what is to stand in the tables of the task that has come, by column; what is not there is null */
    public function row(IncomingTask $task, ?string $assigneeId): array
    {
        $at = Stamp::of($this->at);

        return array_filter([
            'id' => $this->taskId,
            'title' => $task->title,
            'description' => $task->description,
            'task_kind_id' => $task->kind->id,
            'status' => TaskStatus::New->value,
            'priority' => $task->priority->value,
            'customer_id' => $task->customer?->id,
            'contact' => $task->contact,
            'source' => $task->source,
            'facts' => json_encode($task->facts, JSON_THROW_ON_ERROR),
            'tags' => json_encode($task->tags, JSON_THROW_ON_ERROR),
            'estimate_minutes' => $task->estimateMinutes,
            'spent_minutes' => 0,
            'assignee_id' => $assigneeId,
            'starts_at' => Stamp::orNull($task->startsAt),
            'due_at' => Stamp::orNull($task->dueAt),
            'arrived_at' => $at,
            'revision' => 1,
            'key_user_id' => $this->key?->userId,
            'key' => $this->key?->key,
            'key_hash' => $this->key?->hash,
            'created_at' => $at,
            'updated_at' => $at,
        ], static fn(mixed $value): bool => $value !== null);
    }
}
