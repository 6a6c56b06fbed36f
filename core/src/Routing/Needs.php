<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/**
 * What a decision may look at apart from the event, the roster and the rules. All else makes no difference to it and
 * need not be known.
 */
final readonly class Needs
{
    /**
     * @param list<string> $people       whose work in hand, by id
     * @param list<string> $lastAssigned those of them of whom it may matter when work last came to them
     * @param list<string> $rotations    by name
     * @param list<string> $customers    of whom it may matter whether those people have done work for them, by id
     */
    public function __construct(
        public array $people = [],
        public array $lastAssigned = [],
        public array $rotations = [],
        public array $customers = [],
    ) {}

    /** What two may look at, together. */
    public function and(self $other): self
    {
        return new self(
            self::union($this->people, $other->people),
            self::union($this->lastAssigned, $other->lastAssigned),
            self::union($this->rotations, $other->rotations),
            self::union($this->customers, $other->customers),
        );
    }

    /**
     * @param list<string> $one
     * @param list<string> $two
     *
     * @return list<string>
     */
    private static function union(array $one, array $two): array
    {
        return array_values(array_unique([...$one, ...$two]));
    }
}
