<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;
use App\Models\People\Person;

final class PersonPolicy
{
    /** Pausing somebody's intake, and ending it: their own, and a lead anybody's. */
    public function pauseIntake(User $user, Person $person): bool
    {
        return $user->leads() || $person->user_id === $user->id;
    }
}
