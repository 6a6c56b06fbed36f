<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** What came of moving a case: where it stands now, or why it has not moved and what is missing. */
final readonly class Moved
{
    /**
     * @param Stays            $stays   as they are now; where it was refused, as they were
     * @param list<ClosedGate> $missing gates that are closed, also those that it was let pass
     */
    private function __construct(public Stays $stays, public ?MoveRefusal $refusal, public array $missing = []) {}

    /** @param list<ClosedGate> $passed */
    public static function to(Stays $stays, array $passed = []): self
    {
        return new self($stays, null, $passed);
    }

    /** @param list<ClosedGate> $missing */
    public static function not(Stays $stays, MoveRefusal $why, array $missing = []): self
    {
        return new self($stays, $why, $missing);
    }
}
