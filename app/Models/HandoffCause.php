<?php

declare(strict_types=1);

namespace App\Models;

enum HandoffCause: string
{
    case Rule = 'rule';
    case Claim = 'claim';
    case HandOn = 'hand_on';
    /** Whoever brought it in said whose it is. */
    case Given = 'given';
}
