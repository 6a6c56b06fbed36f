<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;

/** The text has the other in it, without regard to case. */
final readonly class Contains extends OnText
{
    public function code(): string
    {
        return 'contains';
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $operand = Plain::key($operand, $type);

        return static fn(string|int|float|bool|array $value): bool => str_contains(Plain::key($value, $type), $operand);
    }
}
