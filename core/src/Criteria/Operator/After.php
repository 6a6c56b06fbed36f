<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;

/** A later date. */
final readonly class After extends OnDate
{
    public function code(): string
    {
        return 'after';
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static fn(string|int|float|bool|array $value): bool => $value > $operand;
    }
}
