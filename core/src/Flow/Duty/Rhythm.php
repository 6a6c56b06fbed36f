<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingHours;

/** When a duty comes back. */
interface Rhythm
{
    /**
     * Its dates in order, from the first one on, before any of them is moved or left out.
     *
     * @return iterable<int, LocalDate> by how many came before
     */
    public function dates(DutyLedger $ledger, WorkingHours $house): iterable;

    /** The first day on which it may come. */
    public function from(): LocalDate;

    /** @return array<string, string> what of a document says when it comes, besides the first day */
    public function write(): array;

    /** What a period of it is called in which a date is: "2026-W49", "2026-12", "2026". */
    public function period(LocalDate $date): string;
}
