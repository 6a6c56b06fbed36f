<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

enum AtomKind: string
{
    /** A text has another in it. */
    case Contains = 'contains';
    case StartsWith = 'starts_with';
    case EndsWith = 'ends_with';
    /** A list has a value. */
    case Has = 'has';
    /** A list has any value. */
    case HasAny = 'has_any';
    /** Anything else: it holds or not, and is equal to itself alone. */
    case Opaque = 'opaque';
}
