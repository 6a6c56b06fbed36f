<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** One field against an operand. Whether the two fit is for CriteriaCheck to say. */
final readonly class Comparison implements Expression
{
    /** @param string|int|float|bool|list<string|int|float>|null $operand in the shape that the operator asks for */
    public function __construct(
        public string $path,
        public string $operator,
        public string|int|float|bool|array|null $operand = null,
    ) {}
}
