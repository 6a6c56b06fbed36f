<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** From the one to the other, both included. */
final readonly class Between implements Operator
{
    public function code(): string
    {
        return 'between';
    }

    public function fits(FieldType $type): bool
    {
        return $type->isNumeric() || $type === FieldType::Date;
    }

    public function shape(): OperandShape
    {
        return OperandShape::Pair;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        [$low, $high] = Plain::pair($operand);

        return static fn(string|int|float|bool|array $value): bool => $low <= $value && $value <= $high;
    }
}
