<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;
use App\Models\Rules\RulebookVersion;

final class RulebookVersionPolicy
{
    /** Everybody of the house may read the rules that give them work. */
    public function viewAny(User $user): bool
    {
        return $user->person !== null || $user->leads();
    }

    /** What was in force is told to everybody; a draft only to those who write it. */
    public function view(User $user, RulebookVersion $version): bool
    {
        return $version->number !== null ? $this->viewAny($user) : $this->write($user);
    }

    public function write(User $user): bool
    {
        return $user->leads();
    }
}
