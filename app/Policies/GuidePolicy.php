<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;

/** Guides are for everybody of the house to read, and for leads to write. */
final class GuidePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->person !== null || $user->leads();
    }

    public function write(User $user): bool
    {
        return $user->leads();
    }
}
