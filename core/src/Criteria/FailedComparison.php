<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** The comparison that made a tree fail, and the value that it saw. */
final readonly class FailedComparison
{
    /**
     * @param string                                   $pointer of the comparison within the tree
     * @param string|int|float|bool|list<string>|null $seen    null: there was no value
     * @param bool $negated the comparison held, within a "none of" where it must not
     */
    public function __construct(
        public string $pointer,
        public Comparison $comparison,
        public string|int|float|bool|array|null $seen,
        public bool $negated,
    ) {}
}
