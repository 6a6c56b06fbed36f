<?php

declare(strict_types=1);

namespace App\Models\Events;

/** What somebody is told of a task. */
enum NoticeKind: string
{
    /** It came to them. */
    case Got = 'got';
    /** It went from them. */
    case Lost = 'lost';
    /** They have it in place of somebody who is away. */
    case Covers = 'covers';
    /** Somebody has it in their place while they are away. */
    case Covered = 'covered';
    /** It is theirs again. */
    case Back = 'back';
    /** It went back to whoever was away. */
    case GivenBack = 'given_back';
    /** They keep what they have begun in place of somebody. */
    case Keeps = 'keeps';
    /** Whoever covered keeps it. */
    case Kept = 'kept';
    /** A rule gave it to them. */
    case Routed = 'routed';
    /** A rule took it from them. */
    case RoutedAway = 'routed_away';
    /** It is theirs to review. */
    case Reviews = 'reviews';
    /** They are named in what was said on it. */
    case Mentioned = 'mentioned';
    /** A rule tells them something about it. */
    case Told = 'told';
}
