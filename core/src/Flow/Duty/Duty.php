<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;

/** What a house does again and again: a task that comes back. */
final readonly class Duty
{
    /** Dates that are dealt with at a time. */
    public const MOST_AT_ONCE = 100;

    public const MOST_COUNT = 9_999;

    /**
     * @param Offset         $appears   how long before its date the task comes: none, or before
     * @param Offset|null    $due       from its date, to the end of work of a day; null: it has no due date
     * @param LocalDate|null $pauseFrom dates from then on fall out
     * @param LocalDate|null $pauseTo   the last that falls out; null: until further notice
     * @param LocalDate|null $until     the last date by its rhythm, before it is moved
     * @param int|null       $count     how many dates there are by its rhythm, those that fall out among them
     *
     * @throws Refusal
     */
    public function __construct(
        public string $id,
        public string $name,
        public DutyTemplate $template,
        public Rhythm $rhythm,
        public Offset $appears,
        public ?Offset $due,
        public OffDay $offDay = OffDay::Before,
        public StillOpen $stillOpen = StillOpen::Add,
        public CatchUp $catchUp = CatchUp::Newest,
        public ?LocalDate $pauseFrom = null,
        public ?LocalDate $pauseTo = null,
        public ?LocalDate $until = null,
        public ?int $count = null,
    ) {
        if ($appears->amount > 0 || $appears->unit->isOfClock()) {
            throw new Refusal('The task comes on its date, or days before it, such as "-3 working_days".');
        }
        if ($due?->unit->isOfClock() === true) {
            throw new Refusal('It is due at the end of a day, such as "+0 days" or "+2 working_days".');
        }
        if ($pauseTo !== null && ($pauseFrom === null || $pauseTo->day < $pauseFrom->day)) {
            throw new Refusal('A pause ends on the day on which it begins, or later.');
        }
        if ($until !== null && $until->day < $rhythm->from()->day) {
            throw new Refusal('Its last date lies before the first.');
        }
        if ($count !== null && ($count < 1 || $count > self::MOST_COUNT)) {
            throw new Refusal('It comes 1 to {most} times.', most: self::MOST_COUNT);
        }
    }

    public function isPausedOn(LocalDate $date): bool
    {
        return $this->pauseFrom !== null &&
            $date->day >= $this->pauseFrom->day &&
            ($this->pauseTo === null || $date->day <= $this->pauseTo->day);
    }
}
