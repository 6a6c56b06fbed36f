<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;

/** The list has every one of several. */
final readonly class MatchesAll extends OnList
{
    public function code(): string
    {
        return 'matches_all';
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $set = Plain::set($operand, $type);

        return static fn(
            string|int|float|bool|array $value,
        ): bool => array_diff_key($set, Plain::set($value, $type)) === [];
    }
}
