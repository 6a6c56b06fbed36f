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
}
