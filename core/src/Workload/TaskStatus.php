<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

enum TaskStatus: string
{
    case New = 'new';
    case Working = 'working';
    case Waiting = 'waiting';
    case InReview = 'in_review';
    case Done = 'done';
    case Dropped = 'dropped';

    public function isOpen(): bool
    {
        return $this !== self::Done && $this !== self::Dropped;
    }

    /** Whether it takes time of the person who holds it. In review it takes the reviewer's. */
    public function loadsHolder(): bool
    {
        return $this === self::New || $this === self::Working;
    }
}
