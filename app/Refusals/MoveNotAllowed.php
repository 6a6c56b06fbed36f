<?php

declare(strict_types=1);

namespace App\Refusals;

use OpenBaton\Core\Flow\ClosedGate;
use OpenBaton\Core\Flow\Moved;
use OpenBaton\Core\Flow\MoveRefusal;

/** A case is not moved, or not closed, since something stands against it. */
final class MoveNotAllowed extends Refused
{
    /** @var list<ClosedGate> what is missing */
    public array $missing = [];

    public static function by(Moved $moved): self
    {
        $refusal = new self(
            match ($moved->refusal) {
                MoveRefusal::NotAsItIs, null => 'move.not_as_it_is',
                MoveRefusal::ThereAlready => 'move.there_already',
                MoveRefusal::NoStage => 'move.no_stage',
                MoveRefusal::WantsReason => 'move.wants_reason',
                MoveRefusal::GateClosed => 'move.gate_closed',
                MoveRefusal::WorkOpen => 'move.work_open',
            },
        );
        $refusal->missing = $moved->missing;

        return $refusal;
    }
}
