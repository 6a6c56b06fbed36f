<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** What became of one rule when an event was routed. */
enum Verdict: string
{
    case Paused = 'paused';
    case NotInForce = 'not_in_force';
    case NotThisEvent = 'not_this_event';
    case CriterionFailed = 'criterion_failed';
    case NobodyEligible = 'nobody_eligible';
    case FollowedUp = 'followed_up';
    case Decided = 'decided';
    /** It held, but had acted on this task in this chain already. */
    case ActedAlready = 'acted_already';
    /** It would have held, but a rule above it had decided. */
    case NotReached = 'not_reached';
}
