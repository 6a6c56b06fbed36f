<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** An earlier date. */
final readonly class Before implements Operator
{
    public function code(): string
    {
        return 'before';
    }

    public function fits(FieldType $type): bool
    {
        return $type === FieldType::Date;
    }

    public function shape(): OperandShape
    {
        return OperandShape::One;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(string|int|float|bool|array $value): bool => $value < $operand;
    }
}
