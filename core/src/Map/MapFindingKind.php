<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

/** What is worth a look on a map, in the order in which it is told. */
enum MapFindingKind: string
{
    /** There is one person who may be given it. */
    case OnlyOneCan = 'only_one_can';
    /** Others could, but one person alone has done it. */
    case OnlyOneDid = 'only_one_did';
    case LongestWait = 'longest_wait';
    case NeverUsed = 'never_used';
}
