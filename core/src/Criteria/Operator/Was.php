<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;

/** It had that value before the change, whatever it has now. */
final readonly class Was extends OnHistory
{
    public function code(): string
    {
        return 'was';
    }

    public function shape(): OperandShape
    {
        return OperandShape::One;
    }

    public function over(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(
            string|int|float|bool|array|null $before,
        ): bool => $before !== null && Plain::same($before, $operand, $type);
    }
}
