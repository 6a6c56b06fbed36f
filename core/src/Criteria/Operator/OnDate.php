<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** A comparison of a date, or of a time of day, with another; a missing one fails it. */
abstract readonly class OnDate implements Operator
{
    public function fits(FieldType $type): bool
    {
        return $type === FieldType::Date || $type === FieldType::Time;
    }

    public function shape(): OperandShape
    {
        return OperandShape::One;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }
}
