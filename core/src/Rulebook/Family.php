<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** The families of parts that a rule is made of; each comes in kinds. */
enum Family: string
{
    case Event = 'event';
    case Pool = 'pool';
    case Method = 'method';
    case Limit = 'limit';
    case Otherwise = 'otherwise';
    case FollowUp = 'follow_up';
}
