<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;

/** The text ends with the other, without regard to case. */
final readonly class EndsWith extends OnText
{
    public function code(): string
    {
        return 'ends_with';
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $operand = Plain::key($operand, $type);

        return static fn(
            string|int|float|bool|array $value,
        ): bool => str_ends_with(Plain::key($value, $type), $operand);
    }
}
