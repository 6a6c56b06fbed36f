<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** From the one to the other, both included; of times of day also over midnight. */
final readonly class Between implements Operator
{
    public function code(): string
    {
        return 'between';
    }

    public function fits(FieldType $type): bool
    {
        return $type->isNumeric() || $type === FieldType::Date || $type === FieldType::Time;
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

        return $low <= $high
            ? static fn(string|int|float|bool|array $value): bool => $low <= $value && $value <= $high
            : static fn(string|int|float|bool|array $value): bool => $low <= $value || $value <= $high;
    }
}
