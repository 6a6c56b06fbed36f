<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;

/** When the tasks of a duty come and are due, by the hours of the house. A pure function of what it is given. */
final readonly class DutyDates
{
    public function __construct(private WorkingHours $house) {}

    /**
     * Its dates in order, those that fall out left out; of several that are moved to one working day the first.
     *
     * @return iterable<DutyDate> of which the key is after the last that has been dealt with
     */
    public function after(Duty $duty, DutyLedger $ledger): iterable
    {
        $last = null;
        foreach ($duty->rhythm->dates($ledger, $this->house) as $before => $key) {
            if (
                ($duty->count !== null && $before >= $duty->count) ||
                ($duty->until !== null && $key->day > $duty->until->day)
            ) {
                return;
            }
            // What lies further back can't be moved to where another one is.
            if ($key->day <= $ledger->through->day - 2 * OffDay::FURTHEST_DAYS || $duty->isPausedOn($key)) {
                continue;
            }
            $date = $duty->offDay->settle($key, $this->house);
            if ($date === null || $date->day === $last) {
                continue;
            }
            $last = $date->day;
            if ($key->day > $ledger->through->day && !isset($ledger->dates[$date->day])) {
                $one = $this->at($duty, $key, $date);
                if ($one !== null) {
                    yield $one;
                }
            }
        }
    }

    /** @return list<DutyDate> the next, at most so many */
    public function next(Duty $duty, DutyLedger $ledger, int $most): array
    {
        $next = [];
        foreach ($this->after($duty, $ledger) as $date) {
            $next[] = $date;
            if (count($next) >= $most) {
                break;
            }
        }

        return $next;
    }

    /** @return DutyDate|null null: there is no such working day */
    private function at(Duty $duty, LocalDate $key, LocalDate $date): ?DutyDate
    {
        try {
            $appears = $duty->appears->fromDate($date, $this->house);
            $due = $duty->due?->fromDate($date, $this->house);

            return new DutyDate(
                $key,
                $date,
                $this->house->spansOf($appears)[0]->from ?? $this->house->zone()->instant($appears, 0),
                $due === null ? null : (new WorkingTime($this->house))->endOnOrBefore($due),
            );
        } catch (NoWorkingTime) {
            return null;
        }
    }
}
