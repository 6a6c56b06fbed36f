<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

enum AbsenceStatus: string
{
    case Asked = 'asked';
    case Approved = 'approved';
    case Declined = 'declined';
    case Cancelled = 'cancelled';
}
