<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;
use App\Models\Reminders\Reminder;

/** What kinds propose is the leads' to say; what somebody has set for themselves is theirs alone. */
final class ReminderPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->person !== null || $user->leads();
    }

    public function own(User $user): bool
    {
        return $user->person !== null;
    }

    public function propose(User $user): bool
    {
        return $user->leads();
    }

    public function change(User $user, Reminder $reminder): bool
    {
        return $reminder->person_id === null ? $user->leads() : $reminder->person_id === $user->person?->id;
    }

    /** Whoever is reminded may do without what a kind proposes. */
    public function mute(User $user, Reminder $reminder): bool
    {
        return $user->person !== null && $reminder->person_id === null;
    }
}
