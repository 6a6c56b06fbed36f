<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;

/** The person is in the team, or leads it. */
final readonly class IsInTeam implements Operator
{
    public function code(): string
    {
        return 'in_team';
    }

    public function fits(FieldType $type): bool
    {
        return $type === FieldType::Person;
    }

    public function shape(): OperandShape
    {
        return OperandShape::Team;
    }

    public function holdsForMissing(): bool
    {
        return false;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(
            string|int|float|bool|array $value,
            Facts $facts,
        ): bool => is_string($value) && is_string($operand) && $facts->isInTeam($value, $operand);
    }
}
