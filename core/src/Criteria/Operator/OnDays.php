<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** A comparison of a date with a number of days from today; a missing date fails it. */
abstract readonly class OnDays implements Operator
{
    public function fits(FieldType $type): bool
    {
        return $type === FieldType::Date;
    }

    public function shape(): OperandShape
    {
        return OperandShape::Days;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }
}
