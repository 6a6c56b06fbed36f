<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** What happens to work that is covered. */
enum CoverMoveKind: string
{
    /** It goes from whoever is away to a substitute. */
    case Passes = 'passes';
    /** It goes from a substitute who is away now to the next, or from that one back. */
    case PassesOn = 'passes_on';
    /** It is handed back to whoever was away. */
    case ComesBack = 'comes_back';
    /** Whoever covered keeps it, for themselves from now on. */
    case Stays = 'stays';
}
