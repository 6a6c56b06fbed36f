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

    /** Whether somebody should hold it: without a holder it is open to claim, or unplaced. */
    public function wantsHolder(): bool
    {
        return $this->loadsHolder() || $this === self::Waiting;
    }

    /** @return list<self> */
    public static function open(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $status): bool => $status->isOpen()));
    }

    /** @return list<self> */
    public static function wantingHolder(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $status): bool => $status->wantsHolder()));
    }
}
