<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** A comparison of a list with several values; a missing list fails it. */
abstract readonly class OnList implements Operator
{
    public function fits(FieldType $type): bool
    {
        return $type->isList();
    }

    public function shape(): OperandShape
    {
        return OperandShape::Several;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }
}
