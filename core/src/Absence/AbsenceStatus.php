<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

enum AbsenceStatus: string
{
    case Asked = 'asked';
    case Approved = 'approved';
    case Declined = 'declined';
    case Cancelled = 'cancelled';

    /** Whether it counts, or may come to. */
    public function isAlive(): bool
    {
        return $this === self::Asked || $this === self::Approved;
    }

    /** Whether an absence may go from this status to another. */
    public function leadsTo(self $other): bool
    {
        return match ($this) {
            self::Asked => $other !== self::Asked,
            self::Approved => $other === self::Cancelled,
            self::Declined, self::Cancelled => false,
        };
    }
}
