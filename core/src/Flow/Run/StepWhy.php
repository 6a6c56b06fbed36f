<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** Why a block of a run is not, or not simply, done. */
enum StepWhy: string
{
    /** Its condition did not hold. */
    case Condition = 'condition';
    /** As many as are enough were done before it. */
    case Enough = 'enough';
    /** Its work was dropped. */
    case Dropped = 'dropped';
    /** It could not be carried out, or was withdrawn. */
    case Failed = 'failed';
    /** Somebody went on without it. */
    case Without = 'without';
    /** It was opened too often. */
    case Rounds = 'rounds';
    /** Its latest moment came. */
    case Latest = 'latest';
    /** The run was ended by an answer. */
    case Ended = 'ended';
    case Cancelled = 'cancelled';
    /** It stands before what was open when the run moved to another version. */
    case Moved = 'moved';
    /** It is not in the version to which the run has moved. */
    case Gone = 'gone';
}
