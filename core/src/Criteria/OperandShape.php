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
    /** Two of them: what it was, and what it is. */
    case FromTo = 'from_to';
    /** A whole number of days, at least 1, or a distance such as "+5 working_days". */
    case Days = 'days';
    /** Another field of the same type. */
    case Field = 'field';
    /** A team. */
    case Team = 'team';

    /** Whether another field of the type, or a day seen from now, may stand in the place of the value. */
    public function mayVary(): bool
    {
        return $this === self::One || $this === self::Field;
    }
}
