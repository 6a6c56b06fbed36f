<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

enum ConflictKind: string
{
    /** Nobody is named to stand in. */
    case NoSubstitute = 'no_substitute';
    /** A substitute is away in some of the time. */
    case SubstituteAway = 'substitute_away';
    /** A substitute is away in some of the time, and the walk through their substitutes leads back to the person. */
    case Circle = 'circle';
    /** A substitute is not there at all: inactive, or a member before or after only. */
    case SubstituteGone = 'substitute_gone';
}
