<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

/** What keeps a person from getting new work whatever the rule says. */
enum Unavailability: string
{
    case Inactive = 'inactive';
    case NotYetMember = 'not_yet_member';
    case NoLongerMember = 'no_longer_member';
    case Paused = 'paused';
    case Absent = 'absent';
    /** Of a substitute: stands in for other work only. */
    case OtherWork = 'other_work';
    /** Of a substitute: is in the other seat of the task. */
    case OtherSeat = 'other_seat';
}
