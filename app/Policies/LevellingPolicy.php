<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;

/** Leads level work, and see each other's plans. */
final class LevellingPolicy
{
    public function create(User $user): bool
    {
        return $user->leads();
    }
}
