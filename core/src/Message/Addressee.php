<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

/** For whom a rule prepares a message. */
enum Addressee: string
{
    case Holder = 'holder';
    case Reviewer = 'reviewer';
    case Watchers = 'watchers';
    case Customer = 'customer';
    /** Those of a pool. */
    case People = 'people';
    /** The channel of a team. */
    case Team = 'team';
}
