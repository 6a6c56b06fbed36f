<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;

/** To what leads are alerted is theirs to say. */
final class AlertPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->leads();
    }

    public function set(User $user): bool
    {
        return $user->leads();
    }
}
