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
    /** Leads the house. */
    case Lead = 'lead';
}
