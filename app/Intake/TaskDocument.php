<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\Snapshot;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** A task as other systems are told of it; docs/formats/openapi.yaml describes it. */
final readonly class TaskDocument
{
    /**
     * @param list<string> $openTo   who may claim it, by slug
     * @param list<string> $waitsOn  ids of tasks
     * @param list<string> $linkedTo ids of tasks
     */
    private function __construct(
        public Task $task,
        private Snapshot $house,
        private ?string $customer,
        private array $openTo,
        private array $waitsOn,
        private array $linkedTo,
    ) {}

    /** @param Task $task with its customer, those to whom it is open, and the tasks that it waits for and goes with */
    public static function of(Task $task, Snapshot $house): self
    {
        $openTo =
            $task->assignee_id === null
                ? $task->claimants->map(static fn(Person $person): string => $person->slug)->all()
                : [];

        return new self(
            $task,
            $house,
            $task->customer?->slug,
            array_values($openTo),
            $task->keysOf('waitsOn'),
            $task->keysOf('linked'),
        );
    }

    /** The task that has come, just saved as the decision leaves it: nothing of it is asked for again. */
    public static function arrived(Task $task, IncomingTask $incoming, TaskSubject $subject, Snapshot $house): self
    {
        return new self(
            $task,
            $house,
            $incoming->customer?->slug,
            $subject->openTo,
            $subject->waitsOn,
            $subject->linkedTo,
        );
    }

    /**
     * @param string $address of the API
     *
     * @return array<string, mixed>
     */
    public function write(string $address): array
    {
        $task = $this->task;
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
            'assignee' => $this->person($task->assignee_id),
            'held_with' => array_map($this->person(...), array_values($task->holdsWith->modelKeys())),
            'open_to' => $this->openTo,
            'reviewer' => $this->person($task->reviewer_id),
            'waiting' =>
                $task->status === TaskStatus::Waiting
                    ? [
                        'for' => $task->waiting_for,
                        'until' => Instant::orNull($task->wakes_at?->getTimestamp()),
                        'on' => $this->waitsOn,
                    ]
                    : null,
            'source' => $task->source->value,
            'made_by' => $task->made_by_id,
            'linked_to' => $this->linkedTo,
            'checklist' => array_map(
                static fn(ChecklistItem $one): array => ['item' => $one->text, 'done' => $one->done],
                $task->items(),
            ),
            'revision' => $task->revision,
            'decision' => $this->address($address) . '/decision',
        ];
    }

    /** @return array{id: string, name: string}|null */
    private function person(?string $id): ?array
    {
        $person = $this->house->roster->people[$this->house->personSlugs[$id ?? ''] ?? ''] ?? null;

        return $person === null ? null : ['id' => $person->id, 'name' => $person->name];
    }

    /** @param string $address of the API */
    public function address(string $address): string
    {
        return "{$address}/tasks/{$this->task->id}";
    }
}
