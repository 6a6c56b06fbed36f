<?php

declare(strict_types=1);

namespace OpenBaton\Core\Figures;

/** A task that was done or dropped; all moments are instants. */
final readonly class EndedTask
{
    /**
     * @param bool     $dropped   it was not done
     * @param int|null $touchedAt when somebody first began it; null: nobody did before it ended
     */
    public function __construct(
        public bool $dropped,
        public int $arrivedAt,
        public int $endedAt,
        public ?int $touchedAt = null,
        public ?int $dueAt = null,
    ) {}

    public function isLate(): bool
    {
        return !$this->dropped && $this->dueAt !== null && $this->endedAt > $this->dueAt;
    }
}
