<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;

/** From so many days before today to today, both included. */
final readonly class WithinLast extends OnDays
{
    public function code(): string
    {
        return 'within_last';
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        return static function (string|int|float|bool|array $value, Facts $facts) use ($operand): bool {
            $end = is_string($operand) ? $operand : $facts->today->plus(-Plain::days($operand))->format();

            return $value <= $facts->today->format() && $value >= $end;
        };
    }
}
