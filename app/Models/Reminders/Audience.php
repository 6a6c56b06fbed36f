<?php

declare(strict_types=1);

namespace App\Models\Reminders;

/** Whom a reminder is for. */
enum Audience: string
{
    case Holder = 'holder';
    case Reviewer = 'reviewer';
    case Customer = 'customer';
    /** Whoever has set it, of one task or of all that they hold. */
    case Self = 'self';
}
