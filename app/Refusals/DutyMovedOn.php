<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Duties\Duty;

/** A standing duty is not as it was looked at. */
final class DutyMovedOn extends Refused
{
    /** @param Duty|null $duty null: it has been ended */
    public static function since(?Duty $duty): self
    {
        return new self('duty_moved_on.changed', ['duty' => $duty->name ?? 'none']);
    }
}
