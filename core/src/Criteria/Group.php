<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** All, any or none of its parts. An empty "all" and an empty "none" hold, an empty "any" does not. */
final readonly class Group implements Expression
{
    /** @param list<Expression> $parts */
    public function __construct(public GroupKind $kind, public array $parts) {}
}
