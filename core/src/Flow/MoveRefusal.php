<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** Why a case does not move, or is not closed. */
enum MoveRefusal: string
{
    /** It is closed; or, to be reopened, open. */
    case NotAsItIs = 'not_as_it_is';
    /** It stands there. */
    case ThereAlready = 'there_already';
    /** The track has no such stage, or has retired it. */
    case NoStage = 'no_stage';
    /** It goes backwards, or past what is missing, and nobody says why. */
    case WantsReason = 'wants_reason';
    /** A gate is closed, and whoever moves it may not have it pass. */
    case GateClosed = 'gate_closed';
    /** Needed work is open, or a run has not ended. */
    case WorkOpen = 'work_open';
}
