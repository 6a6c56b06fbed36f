<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** An open task as the load of whoever it loads. */
final readonly class WorkItem
{
    /**
     * @param int      $createdAt instant
     * @param int|null $startAt   instant before which nobody can work on it
     * @param int|null $dueAt     instant
     */
    public function __construct(
        public string $id,
        public ?string $holderId,
        public TaskStatus $status,
        public Priority $priority,
        public Effort $effort,
        public int $createdAt,
        public ?int $startAt = null,
        public ?int $dueAt = null,
        public ?string $reviewerId = null,
    ) {}

    /** Whose time it takes now; null: nobody's. */
    public function loads(): ?string
    {
        return match (true) {
            $this->status->loadsHolder() => $this->holderId,
            $this->status === TaskStatus::InReview => $this->reviewerId,
            default => null,
        };
    }

    /** Earliest due first, none last; ties by priority, age, id. */
    public static function compare(self $a, self $b): int
    {
        return ($a->dueAt ?? PHP_INT_MAX) <=> ($b->dueAt ?? PHP_INT_MAX) ?:
            $b->priority->rank() <=> $a->priority->rank() ?:
            $a->createdAt <=> $b->createdAt ?:
            $a->id <=> $b->id;
    }
}
