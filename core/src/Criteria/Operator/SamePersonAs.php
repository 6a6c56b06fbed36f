<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** The person in one field is the one in another. */
final readonly class SamePersonAs implements Operator
{
    public function code(): string
    {
        return 'same_person_as';
    }

    public function fits(FieldType $type): bool
    {
        return $type === FieldType::Person;
    }

    public function shape(): OperandShape
    {
        return OperandShape::Field;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(string|int|float|bool|array $value): bool => $value === $operand;
    }
}
