<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** A way of comparing what a field was with what it is. */
interface HistoryOperator extends Operator
{
    /**
     * @param string|int|float|bool|list<string|int|float>|null $operand checked to be of shape()
     *
     * @return callable(string|int|float|bool|list<string>|null, string|int|float|bool|list<string>|null): bool of what
     *     was and what is; null: missing
     */
    public function over(string|int|float|bool|array|null $operand, FieldType $type): callable;
}
