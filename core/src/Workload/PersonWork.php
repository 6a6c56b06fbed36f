<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** What one person holds and reviews, as far as it is open. */
final readonly class PersonWork
{
    /**
     * @param list<WorkItem> $loading        takes their time: held, or to be reviewed
     * @param list<WorkItem> $waiting        waits outside of our hands, held by them
     * @param int|null       $lastAssignedAt instant at which work last came to them
     * @param list<string>   $customers      those they are known to have done work for, of those asked for
     */
    public function __construct(
        public array $loading = [],
        public array $waiting = [],
        public ?int $lastAssignedAt = null,
        private array $customers = [],
    ) {}

    /** @param list<WorkItem> $items held or reviewed by that person */
    public static function of(string $personId, array $items, ?int $lastAssignedAt = null): self
    {
        $loading = $waiting = [];
        foreach ($items as $item) {
            if (in_array($personId, $item->loads(), true)) {
                $loading[] = $item;
            } elseif (self::waitsFor($personId, $item)) {
                $waiting[] = $item;
            }
        }

        return new self($loading, $waiting, $lastAssignedAt);
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

    public function with(string $personId, WorkItem $item): self
    {
        return new self(
            in_array($personId, $item->loads(), true) ? [...$this->loading, $item] : $this->loading,
            self::waitsFor($personId, $item) ? [...$this->waiting, $item] : $this->waiting,
            $this->lastAssignedAt,
            $this->customers,
        );
    }

    public function knows(string $customerId): bool
    {
        return in_array($customerId, $this->customers, true);
    }

    public function knowing(string $customerId): self
    {
        return new self($this->loading, $this->waiting, $this->lastAssignedAt, [...$this->customers, $customerId]);
    }

    public function undated(): self
    {
        return new self($this->loading, $this->waiting, null, $this->customers);
    }

    /** @param int $at instant at which work came to them */
    public function assigned(int $at): self
    {
        $latest = max($at, $this->lastAssignedAt ?? $at);

        return new self($this->loading, $this->waiting, $latest, $this->customers);
    }

    public function without(string $taskId): self
    {
        $others = static fn(WorkItem $item): bool => $item->id !== $taskId;

        return new self(
            array_values(array_filter($this->loading, $others)),
            array_values(array_filter($this->waiting, $others)),
            $this->lastAssignedAt,
            $this->customers,
        );
    }

    private static function waitsFor(string $personId, WorkItem $item): bool
    {
        return $item->status === TaskStatus::Waiting && in_array($personId, $item->holderIds(), true);
    }
}
