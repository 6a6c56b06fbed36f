<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OpenBaton\Core\Workload\TaskStatus;

/** A task that arrives: not yet in the tables, but with its id. */
final readonly class Arrival
{
    /** @param string|null $byUserId who brought it in; null: somebody who is not signed in */
    private function __construct(public string $taskId, public IncomingTask $task, public CarbonImmutable $at, public ?string $byUserId, private ?RequestKey $key) {}

    public static function now(IncomingTask $task, ?User $by, ?RequestKey $key): self
    {
        return new self(strtolower((string) Str::ulid()), $task, CarbonImmutable::now(), $by?->id, $key);
    }

    /** The same, when it is one's turn at last. */
    public function againNow(IncomingTask $task): self
    {
        return new self($this->taskId, $task, CarbonImmutable::now(), $this->byUserId, $this->key);
    }

    /** @return array<string, mixed> what is to stand in the tables, by column */
    public function row(): array
    {
        return [
            'id' => $this->taskId,
            'title' => $this->task->title,
            'description' => $this->task->description,
            'task_kind_id' => $this->task->kind->id,
            'status' => TaskStatus::New->value,
            'priority' => $this->task->priority->value,
            'customer_id' => $this->task->customer?->id,
            'contact' => $this->task->contact,
            'source' => $this->task->source,
            'facts' => json_encode($this->task->facts, JSON_THROW_ON_ERROR),
            'tags' => json_encode($this->task->tags, JSON_THROW_ON_ERROR),
            'estimate_minutes' => $this->task->estimateMinutes,
            'spent_minutes' => 0,
            'remaining_minutes' => null,
            'starts_at' => $this->task->startsAt,
            'due_at' => $this->task->dueAt,
            'arrived_at' => $this->at,
            'completed_at' => null,
            'revision' => 1,
            'key_user_id' => $this->key?->userId,
            'key' => $this->key?->key,
            'key_hash' => $this->key?->hash,
            'created_at' => $this->at,
            'updated_at' => $this->at,
        ];
    }
}
