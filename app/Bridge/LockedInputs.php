<?php

declare(strict_types=1);

namespace App\Bridge;

/** What decisions read under the lock: the state of the house, and the rotations. */
final readonly class LockedInputs
{
    private function __construct(public HouseState $state, public RotationStore $rotations) {}

    /** Waits for the lock. */
    public static function take(): self
    {
        return new self(HouseState::lock(), new RotationStore());
    }
}
