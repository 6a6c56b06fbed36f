<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Routing\Objection;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\TaskSubject;

/** What becomes of one task while somebody is away. */
final readonly class CoverLine
{
    /**
     * @param string|null        $toId     who gets it; null: it stays
     * @param Cover|null         $cover    how they were found, or nobody was
     * @param list<Objection> $warnings
     */
    public function __construct(
        public TaskSubject $task,
        public SeatName $seat,
        public CoverReason $reason,
        public ?string $toId,
        public ?Cover $cover = null,
        public array $warnings = [],
    ) {}

    /** It is to pass, and there is nobody. */
    public function isGap(): bool
    {
        return $this->toId === null && $this->reason->passes();
    }

    public function warned(Objection ...$more): self
    {
        return $more === []
            ? $this
            : new self($this->task, $this->seat, $this->reason, $this->toId, $this->cover, [
                ...$this->warnings,
                ...array_values($more),
            ]);
    }
}
