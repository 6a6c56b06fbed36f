<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use InvalidArgumentException;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\Zone;

/** A stretch in which a person is not there, who stands in, in order, and what becomes of the work in hand. */
final readonly class Absence
{
    /** @param list<Substitute> $substitutes asked one after the other */
    public function __construct(
        public string $id,
        public string $personId,
        public Span $span,
        public AbsenceStatus $status,
        public array $substitutes = [],
        public HeldPolicy $held = HeldPolicy::FallsDue,
        public HandBackPolicy $handBack = HandBackPolicy::Untouched,
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
        return !$this->counts() || $now <= $this->span->from
            ? $this->as($this->span, AbsenceStatus::Cancelled)
            : $this->as(new Span($this->span->from, min($now, $this->span->to)), $this->status);
    }

    public function approved(): self
    {
        return $this->as($this->span, AbsenceStatus::Approved);
    }

    private function as(Span $span, AbsenceStatus $status): self
    {
        return new self($this->id, $this->personId, $span, $status, $this->substitutes, $this->held, $this->handBack);
    }

    /** @return list<string> in order */
    public function substituteIds(): array
    {
        return array_map(static fn(Substitute $one): string => $one->personId, $this->substitutes);
    }

    public function counts(): bool
    {
        return $this->status === AbsenceStatus::Approved;
    }
}
