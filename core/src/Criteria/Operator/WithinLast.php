<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** From so many days before today to today, both included. */
final readonly class WithinLast implements Operator
{
    public function code(): string
    {
        return 'within_last';
    }

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

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $days = Plain::days($operand);

        return static fn(string|int|float|bool|array $value, Facts $facts): bool => $value <= $facts->today->format()
            && $value >= $facts->today->plus(-$days)->format();
    }
}
