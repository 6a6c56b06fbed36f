<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** How somebody stands to a task. */
enum Standing: string
{
    case Holder = 'holder';
    /** May claim it. */
    case Claimant = 'claimant';
    /** Reviews it. */
    case Reviewer = 'reviewer';
    /** Made it. */
    case Creator = 'creator';
    /** Is named as a substitute of whoever holds or reviews it and is away. */
    case Substitute = 'substitute';
    /** Held it, or reviewed it last. */
    case Former = 'former';
    case Watcher = 'watcher';
    /** Is in a team of whoever holds it, or leads that team. */
    case Teammate = 'teammate';
    /** Owns the case that it is in, or is named as a substitute of whoever does and is away. */
    case CaseOwner = 'case_owner';
    /** Leads the house. */
    case Lead = 'lead';
}
