<?php

declare(strict_types=1);

namespace App\Formats;

use App\Bridge\Snapshot;
use App\Intake\IncomingTask;
use App\Models\Person;
use App\Models\Task;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Subject\Subject;

/** A task as other systems are told of it; docs/formats/openapi.yaml describes it. */
final readonly class TaskDocument
{
    /** @param list<string> $openTo who may claim it, by slug */
    private function __construct(public Task $task, private Snapshot $house, private ?string $customer, private array $openTo) {}

    /** @param Task $task with its customer and with those to whom it is open */
    public static function of(Task $task, Snapshot $house): self
    {
        $openTo = $task->assignee_id === null ? $task->claimants->map(static fn(Person $person): string => $person->slug)->all() : [];

        return new self($task, $house, $task->customer?->slug, array_values($openTo));
    }

    /** The task that has come, just saved as the decision leaves it: nothing of it is asked for again. */
    public static function arrived(Task $task, IncomingTask $incoming, Subject $subject, Snapshot $house): self
    {
        return new self($task, $house, $incoming->customer?->slug, $subject->openTo);
    }

    /**
     * @param string $address of the API
     *
     * @return array<string, mixed>
     */
    public function write(string $address): array
    {
        $task = $this->task;
        $assignee = $this->house->roster->people[$this->house->personSlugs[$task->assignee_id ?? ''] ?? ''] ?? null;

        return [
            'id' => $task->id,
            'number' => (int) $task->number,
            'title' => $task->title,
            'description' => $task->description,
            'kind' => $this->house->kinds[$task->task_kind_id]->slug ?? null,
            'status' => $task->status->value,
            'priority' => $task->priority->value,
            'customer' => $this->customer,
            'contact' => $task->contact,
            'fields' => (object) $task->facts,
            'tags' => $task->tags,
            'estimate' => $task->estimate_minutes === null ? null : Duration::format($task->estimate_minutes),
            'arrived' => Instant::format($task->arrived_at->getTimestamp()),
            'start' => Instant::orNull($task->starts_at?->getTimestamp()),
            'due' => Instant::orNull($task->due_at?->getTimestamp()),
            'completed' => Instant::orNull($task->completed_at?->getTimestamp()),
            'assignee' => $assignee === null ? null : ['id' => $assignee->id, 'name' => $assignee->name],
            'open_to' => $this->openTo,
            'decision' => $this->address($address).'/decision',
        ];
    }

    /** @param string $address of the API */
    public function address(string $address): string
    {
        return "{$address}/tasks/{$this->task->id}";
    }
}
