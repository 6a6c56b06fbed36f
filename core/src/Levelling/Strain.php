<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What somebody's tasks come to. */
final readonly class Strain
{
    /** @param int $late ten-thousandths of a second of effort */
    public function __construct(public int $late, public Fraction $peak) {}

    /** Whether somebody with this is better off than with that. */
    public function relieves(self $that): bool
    {
        return $this->late < $that->late || $this->peak->compare($that->peak) < 0;
    }
}
