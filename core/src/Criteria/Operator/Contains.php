<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** The text has the other in it, without regard to case. */
final readonly class Contains implements Operator
{
    public function code(): string
    {
        return 'contains';
    }

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

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $operand = Plain::key($operand, $type);

        return static fn(string|int|float|bool|array $value): bool => str_contains(Plain::key($value, $type), $operand);
    }
}
