<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Task;
use App\Models\User;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\Subject;

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
        $this->taskId = (new Task())->newUniqueId();
        $this->at = CarbonImmutable::now()->getTimestamp();
        $this->byUserId = $by?->id;
    }

    /**
     * The task that has come, not yet saved.
     *
     * @param Subject     $subject  its state as the decision leaves it
     * @param string|null $holderId by id
     */
    public function task(IncomingTask $task, Subject $subject, ?string $holderId): Task
    {
        $moment = static fn(?int $instant): ?CarbonImmutable => $instant === null ? null : CarbonImmutable::createFromTimestampUTC($instant);

        return new Task([
            'id' => $this->taskId,
            'title' => $task->title,
            'description' => $task->description,
            'task_kind_id' => $task->kind->id,
            'status' => $subject->status,
            'priority' => $subject->priority,
            'customer_id' => $task->customer?->id,
            'contact' => $task->contact,
            'source' => $task->source,
            'facts' => $task->facts,
            'tags' => $subject->tags,
            'estimate_minutes' => $subject->effort->estimate,
            'spent_minutes' => $subject->effort->spent,
            'assignee_id' => $holderId,
            'starts_at' => $moment($subject->startAt),
            'due_at' => $moment($subject->dueAt),
            'arrived_at' => $moment($this->at),
            'revision' => 1,
            'key_user_id' => $this->key?->userId,
            'key' => $this->key?->key,
            'key_hash' => $this->key?->hash,
        ]);
    }
}
