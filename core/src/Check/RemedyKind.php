<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

enum RemedyKind: string
{
    /** The rule goes above another one. */
    case MoveAbove = 'move_above';
    /** The rule goes. */
    case TakeOutRule = 'take_out_rule';
    /** A part of the rule goes. */
    case TakeOutPart = 'take_out_part';
    /** Of a group all parts are asked for, rather than any. */
    case MakeAll = 'make_all';
}
