<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;

/** The text begins with the other, without regard to case. */
final readonly class StartsWith extends OnText
{
    public function code(): string
    {
        return 'starts_with';
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $operand = Plain::key($operand, $type);

        return static fn(
            string|int|float|bool|array $value,
        ): bool => str_starts_with(Plain::key($value, $type), $operand);
    }
}
