<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** Equal to none of several; a missing value is equal to none. */
final readonly class IsNoneOf implements Operator
{
    public function code(): string
    {
        return 'none_of';
    }

    public function fits(FieldType $type): bool
    {
        return !$type->isList() && !in_array($type, [FieldType::YesNo, FieldType::Date, FieldType::Time], true);
    }

    public function shape(): OperandShape
    {
        return OperandShape::Several;
    }

    public function holdsForMissing(): bool
    {
        return true;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $set = Plain::set($operand, $type);

        return static fn(string|int|float|bool|array $value): bool => !isset($set[Plain::key($value, $type)]);
    }
}
