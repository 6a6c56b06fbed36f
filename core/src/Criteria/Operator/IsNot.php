<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** Not equal; a missing value is not equal to anything. */
final readonly class IsNot implements Operator
{
    public function code(): string
    {
        return 'is_not';
    }

    public function fits(FieldType $type): bool
    {
        return !$type->isList();
    }

    public function shape(): OperandShape
    {
        return OperandShape::One;
    }

    public function holdsForMissing(): bool
    {
        return true;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $operand = Plain::one($operand, $type);

        return static fn(string|int|float|bool|array $value): bool => Plain::one($value, $type) !== $operand;
    }
}
