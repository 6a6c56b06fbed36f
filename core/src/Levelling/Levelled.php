<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What came of a levelling. */
final readonly class Levelled
{
    /**
     * @param list<Move> $moves
     * @param int        $bound late work that no assignment is below, in ten-thousandths of a second
     * @param int        $steps assignments that were looked at
     */
    public function __construct(
        public array $moves,
        public Cost $before,
        public Cost $after,
        public int $bound,
        public int $steps,
    ) {}

    /** Whether nobody's plan has less that is late. */
    public function isLeastLate(): bool
    {
        return $this->after->late === $this->bound;
    }
}
