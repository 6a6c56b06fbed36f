<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;

/** Below or equal. */
final readonly class AtMost extends OnNumber
{
    public function code(): string
    {
        return 'at_most';
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(string|int|float|bool|array $value): bool => $value <= $operand;
    }
}
