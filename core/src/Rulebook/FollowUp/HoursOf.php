<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

/** Whose working hours count. */
enum HoursOf: string
{
    case House = 'house';
    /** Of whoever got the task; of the house where nobody was found. */
    case Assignee = 'assignee';
}
