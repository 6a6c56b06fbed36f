<?php

declare(strict_types=1);

namespace OpenBaton\Core\Foresight;

use OpenBaton\Core\Time\LocalDate;

/** A day ahead as it is known now; all in minutes of effort. */
final readonly class Ahead
{
    /**
     * @param int $capacity what can be done
     * @param int $asked    what of it would be gone if absences that are asked for were approved
     * @param int $known    work that is due on it
     */
    public function __construct(public LocalDate $date, public int $capacity, public int $asked, public int $known) {}
}
