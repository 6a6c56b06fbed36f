<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What brings a change about. */
enum Cause: string
{
    case Intake = 'intake';
    case Person = 'person';
    case System = 'system';
    case Timer = 'timer';
    case FollowUp = 'follow_up';
    /** What was unplaced is tried again: the rules on arrivals are asked once more. */
    case Retry = 'retry';
}
