<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** What one person holds and reviews, as far as it is open. */
final readonly class PersonWork
{
    /** @var list<WorkItem> takes their time: held, or to be reviewed */
    public array $loading;

    /** @var list<WorkItem> waits outside of our hands, held by them */
    public array $waiting;

    /**
     * @param list<WorkItem> $items
     * @param int|null       $lastAssignedAt instant at which work last came to them
     */
    public function __construct(string $personId, array $items = [], public ?int $lastAssignedAt = null)
    {
        $loading = $waiting = [];
        foreach ($items as $item) {
            if ($item->loads() === $personId) {
                $loading[] = $item;
            } elseif ($item->status === TaskStatus::Waiting && $item->holderId === $personId) {
                $waiting[] = $item;
            }
        }
        $this->loading = $loading;
        $this->waiting = $waiting;
    }

    /** New and working ones that they hold, those in review that they review. */
    public function openTasks(): int
    {
        return count($this->loading);
    }

    public function waitingTasks(): int
    {
        return count($this->waiting);
    }

    public function has(string $taskId): bool
    {
        foreach ([...$this->loading, ...$this->waiting] as $item) {
            if ($item->id === $taskId) {
                return true;
            }
        }

        return false;
    }

    /** With other items, and with when work last came to them put later where it has come since. */
    public function with(string $personId, WorkItem $item, ?int $assignedAt): self
    {
        return new self(
            $personId,
            [...$this->loading, ...$this->waiting, $item],
            $assignedAt === null ? $this->lastAssignedAt : max($assignedAt, $this->lastAssignedAt ?? $assignedAt),
        );
    }

    public function without(string $personId, string $taskId): self
    {
        $others = static fn(WorkItem $item): bool => $item->id !== $taskId;

        return new self($personId, array_values(array_filter([...$this->loading, ...$this->waiting], $others)), $this->lastAssignedAt);
    }
}
