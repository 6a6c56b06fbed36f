<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** A comparison of a text with another; a missing text fails it. */
abstract readonly class OnText implements Operator
{
    public function fits(FieldType $type): bool
    {
        return $type === FieldType::Text;
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
