<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use LogicException;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\HistoryOperator;

/** A comparison with what was before the change. */
abstract readonly class OnHistory implements HistoryOperator
{
    public function fits(FieldType $type): bool
    {
        return !$type->isList();
    }

    public function holdsForMissing(): bool
    {
        return false;
    }

    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable
    {
        throw new LogicException('What was before is needed, too.');
    }
}
