<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** By whom a comment or a file came. */
enum Author: string
{
    case Anyone = 'anyone';
    case Holder = 'holder';
    case Customer = 'customer';

    /** Whether what comes from another is meant by this one. */
    public function includes(self $other): bool
    {
        return $this === self::Anyone || $this === $other;
    }
}
