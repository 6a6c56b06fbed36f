<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** What of a track is otherwise than it was. */
enum TrackAspect: string
{
    case Name = 'name';
    /** Whether a new owner takes over the open tasks. */
    case TakesTasks = 'takes_tasks';
    case StageAdded = 'stage_added';
    case StageGone = 'stage_gone';
    case StageMoved = 'stage_moved';
    case StageRetired = 'stage_retired';
    case StageBack = 'stage_back';
    case StageName = 'stage_name';
    case Target = 'target';
    case Guide = 'guide';
    case Movers = 'movers';
    case EnterAdded = 'enter_added';
    case EnterGone = 'enter_gone';
    case LeaveAdded = 'leave_added';
    case LeaveGone = 'leave_gone';
    case OutcomeAdded = 'outcome_added';
    case OutcomeGone = 'outcome_gone';
    case OutcomeName = 'outcome_name';

    /** Whether its values are lengths of working time, in minutes. */
    public function isSpan(): bool
    {
        return $this === self::Target;
    }
}
