<?php

declare(strict_types=1);

namespace OpenBaton\Core\Sweep;

/** What comes of a task in a sweep. */
enum SweptState: string
{
    case Changes = 'changes';
    /** It is so already. */
    case Same = 'same';
    /** The rule finds nobody for it, and it stays as it is. */
    case Nobody = 'nobody';
}
