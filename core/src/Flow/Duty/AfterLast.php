<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\WorkingHours;

/** It comes back so long after the last one was done or dropped; the first is on a date. */
final readonly class AfterLast implements Rhythm
{
    /** @throws Refusal unless it is at least a day later */
    public function __construct(public Offset $distance, private LocalDate $from)
    {
        if ($distance->amount < 1 || $distance->unit->isOfClock()) {
            throw new Refusal('It comes back at least a day later, such as "+10 working_days" or "+2 weeks".');
        }
    }

    public function dates(DutyLedger $ledger, WorkingHours $house): iterable
    {
        $date = match (true) {
            $ledger->made === 0 => $this->from,
            $ledger->open === [] && $ledger->endedAt !== null => $this->distance->fromDate(
                $house->zone()->dateAt($ledger->endedAt),
                $house,
            ),
            default => null,
        };
        if ($date !== null) {
            // Where it was done long before its date, or came otherwise so far, it is owed from the next day on.
            yield $ledger->made => new LocalDate(max($date->day, $ledger->through->day + 1));
        }
    }

    public function from(): LocalDate
    {
        return $this->from;
    }

    public function write(): array
    {
        return ['after_last' => $this->distance->format()];
    }

    public function period(LocalDate $date): string
    {
        return $date->format();
    }
}
