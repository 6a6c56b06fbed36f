<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

/** Hours added to and removed from one date. */
final readonly class DateException
{
    /**
     * @param list<MinuteRange> $add
     * @param list<MinuteRange> $remove
     */
    public function __construct(public LocalDate $date, public array $add, public array $remove) {}
}
