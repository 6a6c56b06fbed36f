<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Intake\ReadyToRoute;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Workload\Work;

/** What a decision reads under the lock: the state of the house, the rotations and the work in hand that it may look at. */
final readonly class LockedInputs
{
    private function __construct(public HouseState $state, public RotationStore $rotations) {}

    /** Waits for the lock. */
    public static function take(): self
    {
        return new self(HouseState::lock(), new RotationStore());
    }

    public function work(ReadyToRoute $ready): Work
    {
        return WorkReader::of($ready->needs, $ready->house);
    }

    public function rotations(ReadyToRoute $ready): Rotations
    {
        return $this->rotations->load($ready->needs->rotations, $ready->house);
    }
}
