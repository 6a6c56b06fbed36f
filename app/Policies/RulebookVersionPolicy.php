<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class RulebookVersionPolicy
{
    /** Everybody may read the rules that give them work. */
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function write(User $user): bool
    {
        return $user->leads();
    }
}
