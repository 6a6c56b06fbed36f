<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;

/** From today to so many days after it, both included. */
final readonly class WithinNext extends OnDays
{
    public const CODE = 'within_next';

    public function code(): string
    {
        return self::CODE;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static function (string|int|float|bool|array $value, Facts $facts) use ($operand): bool {
            $end = is_string($operand) ? $operand : $facts->today->plus(Plain::days($operand))->format();

            return $value >= $facts->today->format() && $value <= $end;
        };
    }
}
