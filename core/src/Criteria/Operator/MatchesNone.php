<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;

/** The list has none of several; an empty or missing list has none. */
final readonly class MatchesNone extends OnList
{
    public function code(): string
    {
        return 'matches_none';
    }

    public function holdsForMissing(): bool
    {
        return true;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        $set = Plain::set($operand, $type);

        return static fn(
            string|int|float|bool|array $value,
        ): bool => array_intersect_key($set, Plain::set($value, $type)) === [];
    }
}
