<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;

/** It had the one value before the change and has the other now. */
final readonly class ChangedFromTo extends OnHistory
{
    public function code(): string
    {
        return 'changed_from_to';
    }

    public function fits(FieldType $type): bool
    {
        return parent::fits($type) && $type !== FieldType::YesNo;
    }

    public function shape(): OperandShape
    {
        return OperandShape::FromTo;
    }

    public function over(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        [$from, $to] = Plain::pair($operand);

        return static fn(
            string|int|float|bool|array|null $before,
            string|int|float|bool|array|null $after,
        ): bool => self::is($before, $from, $type) && self::is($after, $to, $type);
    }

    private static function is(mixed $value, string|int|float|bool $wanted, FieldType $type): bool
    {
        return $value !== null && Plain::same($value, $wanted, $type);
    }
}
