<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;

/** It has another value than before; being filled or emptied counts. */
final readonly class Changed extends OnHistory
{
    public function code(): string
    {
        return 'changed';
    }

    public function fits(FieldType $type): bool
    {
        return true;
    }

    public function shape(): OperandShape
    {
        return OperandShape::Nothing;
    }

    public function over(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(
            string|int|float|bool|array|null $before,
            string|int|float|bool|array|null $after,
        ): bool => !Plain::same($before, $after, $type);
    }
}
