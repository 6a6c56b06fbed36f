<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** What a part looks at apart from the event and the roster. */
enum Input
{
    /** What people have in hand. */
    case Work;
    /** When work last came to them. */
    case LastAssigned;
    /** Whether they have done work for the customer of the task. */
    case Customer;
}
