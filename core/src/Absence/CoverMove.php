<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Subject;

/** A task that passes, comes back or stays because somebody goes or returns. */
final readonly class CoverMove
{
    /** @param string $forId the person who is, or was, away */
    public function __construct(
        public CoverMoveKind $kind,
        public string $forId,
        public SeatName $seat,
        public Subject $before,
        public Subject $after,
    ) {}
}
