<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** A comparison of a number, an amount of money or a duration with another; a missing one fails it. */
abstract readonly class OnNumber implements Operator
{
    public function fits(FieldType $type): bool
    {
        return $type->isNumeric();
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
