<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

enum OperandShape: string
{
    /** No operand. */
    case Nothing = 'nothing';
    /** One value of the field's type; for a list, one of its items. */
    case One = 'one';
    /** A list of at least one such value. */
    case Several = 'several';
    /** Two of them, the lower first; both count as inside. */
    case Pair = 'pair';
    /** A whole number of days, at least 1. */
    case Days = 'days';
}
