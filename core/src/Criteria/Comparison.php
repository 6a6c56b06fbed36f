<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** One field against an operand. Whether the two fit is for CriteriaFormat to say. */
final readonly class Comparison implements Expression
{
    /**
     * @param string|int|float|bool|list<string|int|float>|FieldOperand|RelativeDate|null $operand in the shape that the
     *     operator asks for
     */
    public function __construct(
        public string $path,
        public string $operator,
        public string|int|float|bool|array|FieldOperand|RelativeDate|null $operand = null,
    ) {}

    /** @return string|int|float|bool|list<string|int|float>|null null where it is none, or another field or a moment */
    public function constant(): string|int|float|bool|array|null
    {
        return $this->operand instanceof FieldOperand || $this->operand instanceof RelativeDate ? null : $this->operand;
    }
}
