<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** There is a value. */
final readonly class IsFilled implements Operator
{
    public function code(): string
    {
        return 'is_filled';
    }

    public function fits(FieldType $type): bool
    {
        return true;
    }

    public function shape(): OperandShape
    {
        return OperandShape::Nothing;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(string|int|float|bool|array $value): bool => $value !== [] && $value !== '';
    }
}
