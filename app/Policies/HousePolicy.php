<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

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

    public function importRoster(User $user): bool
    {
        return $user->leads();
    }
}
