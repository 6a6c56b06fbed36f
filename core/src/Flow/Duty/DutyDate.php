<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Time\LocalDate;

/** One date of a duty. */
final readonly class DutyDate
{
    /**
     * @param LocalDate $key       its date by the rhythm: with the duty it is made once, ever
     * @param LocalDate $date      where that is moved to
     * @param int       $appearsAt instant at which its task comes
     * @param int|null  $dueAt     instant
     */
    public function __construct(
        public LocalDate $key,
        public LocalDate $date,
        public int $appearsAt,
        public ?int $dueAt,
    ) {}
}
