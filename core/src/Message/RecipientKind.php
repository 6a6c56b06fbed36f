<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

enum RecipientKind: string
{
    case Person = 'person';
    /** Whoever is named as a customer's contact. */
    case Customer = 'customer';
    /** The channel of a team. */
    case Team = 'team';
}
