<?php

declare(strict_types=1);

namespace App\Models\Tasks;

enum HandoffCause: string
{
    case Rule = 'rule';
    case Claim = 'claim';
    /** One of several who held it has begun with it. */
    case Begun = 'begun';
    /** One of several who held it has left it to the others. */
    case TakenOff = 'taken_off';
    case HandOn = 'hand_on';
    /** Whoever had claimed it has given it back to all whom it was open to. */
    case GaveBack = 'gave_back';
    /** Whoever had it is away, or whoever covers for them is. */
    case Cover = 'cover';
    /** Whoever was away has it again. */
    case HandBack = 'hand_back';
    /** Whoever brought it in said whose it is. */
    case Given = 'given';
    /** Work was levelled. */
    case Levelled = 'levelled';
}
