<?php

declare(strict_types=1);

namespace OpenBaton\Core\Foresight;

/** Work that came in on a day. */
final readonly class Arrival
{
    /**
     * @param int $day     as LocalDate counts them
     * @param int $minutes of effort
     * @param int $lag     working days until such work is usually due
     */
    public function __construct(public int $day, public int $minutes, public int $lag) {}
}
