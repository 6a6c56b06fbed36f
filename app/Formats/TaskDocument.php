<?php

declare(strict_types=1);

namespace App\Formats;

use App\Bridge\Snapshot;
use App\Intake\IncomingTask;
use App\Intake\ReadyToRoute;
use App\Models\Task;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** A task as other systems are told of it; docs/formats/openapi.yaml describes it. */
final readonly class TaskDocument
{
    /**
     * @param string|null          $kind     by slug, like all else
     * @param array<string, mixed> $facts    by path
     * @param list<string>         $tags
     * @param int|null             $estimate minutes; arrival, start, due and completion are instants
     * @param list<string>         $openTo   people
     */
    private function __construct(
        public string $id,
        public int $number,
        private string $title,
        private ?string $description,
        private ?string $kind,
        private TaskStatus $status,
        private Priority $priority,
        private ?string $customer,
        private ?string $contact,
        private array $facts,
        private array $tags,
        private ?int $estimate,
        private int $arrivedAt,
        private ?int $startsAt,
        private ?int $dueAt,
        private ?int $completedAt,
        private ?Person $assignee,
        private array $openTo,
    ) {}

    /** @param Task $task with its customer and with those to whom it is open */
    public static function of(Task $task, Snapshot $house): self
    {
        return new self(
            $task->id,
            (int) $task->number,
            $task->title,
            $task->description,
            $house->kinds[$task->task_kind_id]->slug ?? null,
            $task->status,
            $task->priority,
            $task->customer?->slug,
            $task->contact,
            (array) $task->facts,
            array_values((array) $task->tags),
            $task->estimate_minutes,
            $task->arrived_at->getTimestamp(),
            $task->starts_at?->getTimestamp(),
            $task->due_at?->getTimestamp(),
            $task->completed_at?->getTimestamp(),
            $house->roster->people[$house->personSlugs[$task->assignee_id ?? ''] ?? ''] ?? null,
            $task->assignee_id === null ? array_values($task->claimants->map(static fn($person): string => $person->slug)->all()) : [],
        );
    }

    /** The task that has come, as the decision leaves it. */
    public static function arrived(int $number, IncomingTask $task, Decision $decision, ReadyToRoute $ready): self
    {
        return new self(
            $ready->arrival->taskId,
            $number,
            $task->title,
            $task->description,
            $task->kind->slug,
            TaskStatus::New,
            $task->priority,
            $task->customer?->slug,
            $task->contact,
            $task->facts,
            $task->tags,
            $task->estimateMinutes,
            $ready->arrival->at,
            $task->startsAt,
            $task->dueAt,
            null,
            $decision->assigneeId === null ? null : $ready->house->roster->people[$decision->assigneeId],
            $decision->openTo,
        );
    }

    /**
     * @param string $address of the API
     *
     * @return array<string, mixed>
     */
    public function write(string $address): array
    {
        return [
            'id' => $this->id,
            'number' => $this->number,
            'title' => $this->title,
            'description' => $this->description,
            'kind' => $this->kind,
            'status' => $this->status->value,
            'priority' => $this->priority->value,
            'customer' => $this->customer,
            'contact' => $this->contact,
            'fields' => (object) $this->facts,
            'tags' => $this->tags,
            'estimate' => $this->estimate === null ? null : Duration::format($this->estimate),
            'arrived' => Instant::format($this->arrivedAt),
            'start' => Instant::orNull($this->startsAt),
            'due' => Instant::orNull($this->dueAt),
            'completed' => Instant::orNull($this->completedAt),
            'assignee' => $this->assignee === null ? null : ['id' => $this->assignee->id, 'name' => $this->assignee->name],
            'open_to' => $this->openTo,
            'decision' => $this->address($address).'/decision',
        ];
    }

    /** @param string $address of the API */
    public function address(string $address): string
    {
        return "{$address}/tasks/{$this->id}";
    }
}
