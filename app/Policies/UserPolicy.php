<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\Role;
use App\Models\Access\User;

final class UserPolicy
{
    /** Making, inviting and ending sign-ins, and the tokens of systems. */
    public function administer(User $user): bool
    {
        return $user->hasRole(Role::Administrator->value);
    }

    /** Nobody ends their own: there is always an administrator left. */
    public function end(User $user, User $other): bool
    {
        return $this->administer($user) && $user->id !== $other->id;
    }
}
