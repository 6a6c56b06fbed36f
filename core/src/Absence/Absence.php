<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use InvalidArgumentException;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\Zone;

/** A stretch in which a person is not there, and who stands in, in order. */
final readonly class Absence
{
    /** @param list<string> $substituteIds asked one after the other */
    public function __construct(
        public string $id,
        public string $personId,
        public Span $span,
        public AbsenceStatus $status,
        public array $substituteIds = [],
    ) {}

    /** Whole days, first and last included, as the span from midnight to midnight of the person's zone. */
    public static function wholeDays(LocalDate $first, LocalDate $last, Zone $zone): Span
    {
        if ($last->day < $first->day) {
            throw new InvalidArgumentException('An absence must not end before it begins.');
        }

        return new Span($zone->instant($first, 0), $zone->instant($last->plus(1), 0));
    }

    /** An absence that is over sooner: what counts and has begun ends now, anything else is cancelled. */
    public function endedAt(int $now): self
    {
        return ! $this->counts() || $now <= $this->span->from
            ? new self($this->id, $this->personId, $this->span, AbsenceStatus::Cancelled, $this->substituteIds)
            : new self($this->id, $this->personId, new Span($this->span->from, min($now, $this->span->to)), $this->status, $this->substituteIds);
    }

    public function counts(): bool
    {
        return $this->status === AbsenceStatus::Approved;
    }
}
