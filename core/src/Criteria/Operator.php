<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** One way of comparing a field. A new one is a class of its own and a line in OperatorList. */
interface Operator
{
    public function code(): string;

    public function fits(FieldType $type): bool;

    public function shape(): OperandShape;

    /** What holds where the value is missing: true for what a missing value satisfies by its nature. */
    public function holdsForMissing(): bool;

    /**
     * The comparison, made ready once.
     *
     * @param string|int|float|bool|list<string|int|float>|null $operand checked to be of shape()
     *
     * @return callable(string|int|float|bool|list<string>, Facts): bool of a value that is there
     */
    public function against(string|int|float|bool|array|null $operand, FieldType $type): callable;
}
