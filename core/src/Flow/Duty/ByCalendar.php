<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Recurrence;
use OpenBaton\Core\Time\WorkingHours;

/** It comes back on the dates of a recurrence rule. */
final readonly class ByCalendar implements Rhythm
{
    public function __construct(public Recurrence $recurrence) {}

    public function dates(DutyLedger $ledger, WorkingHours $house): iterable
    {
        yield from $this->recurrence->dates();
    }

    public function from(): LocalDate
    {
        return $this->recurrence->from;
    }

    public function write(): array
    {
        return ['rule' => $this->recurrence->rule];
    }

    public function period(LocalDate $date): string
    {
        $day = $date->day * 86_400;

        return match (true) {
            str_starts_with($this->recurrence->rule, 'FREQ=WEEKLY') => gmdate('o-\WW', $day),
            str_starts_with($this->recurrence->rule, 'FREQ=MONTHLY') => gmdate('Y-m', $day),
            str_starts_with($this->recurrence->rule, 'FREQ=YEARLY') => gmdate('Y', $day),
            default => $date->format(),
        };
    }
}
