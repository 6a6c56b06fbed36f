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
        $days = Plain::days($operand);

        return static fn(string|int|float|bool|array $value, Facts $facts): bool => $value <= $facts->today->format()
            && $value >= $facts->today->plus(-$days)->format();
    }
}
