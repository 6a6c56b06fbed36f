<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** By what assignments are compared. */
enum Measure: string
{
    /** Work done after it is due, or never. */
    case Late = 'late';
    /** How full the fullest window of anybody is. */
    case Peak = 'peak';
    /** Tasks that somebody else has than today. */
    case Moves = 'moves';
    /** Customers whose open tasks lie with more than one person: how many more than one, of all. */
    case Breaks = 'breaks';
}
