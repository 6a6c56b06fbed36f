<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** An open task as the load of those whom it loads. */
final readonly class WorkItem
{
    /** Of each of those whose time it takes: what several hold together is shared evenly, in whole minutes. */
    public Effort $effort;

    /** Among how many it is shared. */
    private int $people;

    /**
     * @param Effort       $whole     of the task
     * @param list<string> $withIds   who holds it together with the holder
     * @param array<array-key, mixed> $fields values by path, of which load may be measured by one
     * @param int      $createdAt instant
     * @param int|null $startAt   instant before which nobody can work on it
     * @param int|null $dueAt     instant
     */
    public function __construct(
        public string $id,
        public ?string $holderId,
        public TaskStatus $status,
        public Priority $priority,
        Effort $whole,
        public int $createdAt,
        public ?int $startAt = null,
        public ?int $dueAt = null,
        public ?string $reviewerId = null,
        private array $withIds = [],
        private array $fields = [],
    ) {
        $this->people = $status->loadsHolder() ? 1 + count($withIds) : 1;
        $this->effort = $whole->sharedBy($this->people);
    }

    /** What is left of it for each of those whose time it takes, in whole parts. */
    public function load(LoadMeasure $measure): int
    {
        return $measure->isTime()
            ? $this->effort->left()
            : intdiv($measure->of($this->effort, $this->fields) + $this->people - 1, $this->people);
    }

    /** @return list<string> all who hold it */
    public function holderIds(): array
    {
        return $this->holderId === null ? [] : [$this->holderId, ...$this->withIds];
    }

    /** @return list<string> whose time it takes now */
    public function loads(): array
    {
        return match (true) {
            $this->status->loadsHolder() => $this->holderIds(),
            $this->status === TaskStatus::InReview && $this->reviewerId !== null => [$this->reviewerId],
            default => [],
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
