<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\Role;
use App\Models\Access\User;

final class HousePolicy
{
    public function viewFloor(User $user): bool
    {
        return $user->leads();
    }

    public function exportRoster(User $user): bool
    {
        return $user->leads();
    }

    /** Keeping people, teams, skills and what is asked of them. */
    public function keepRoster(User $user): bool
    {
        return $user->leads();
    }

    public function importRoster(User $user): bool
    {
        return $user->leads();
    }

    /** Defining fields, kinds of task and checklists. */
    public function shape(User $user): bool
    {
        return $user->hasRole(Role::Administrator->value) || $user->leads();
    }

    /** Reading who changed what in the house. */
    public function audit(User $user): bool
    {
        return $user->leads();
    }

    /** Bringing in many customers or tasks at once. */
    public function bringInTables(User $user): bool
    {
        return $user->leads();
    }

    /** Looking at customers, and changing what the house has added to them. */
    public function keepCustomers(User $user): bool
    {
        return $user->leads();
    }
}
