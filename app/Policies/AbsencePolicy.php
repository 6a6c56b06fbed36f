<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Absences\Absence;
use App\Models\Access\User;
use App\Models\People\Person;
use OpenBaton\Core\Absence\AbsenceStatus;

final class AbsencePolicy
{
    /** The page of absences: members see their own and those that are approved. */
    public function viewAny(User $user): bool
    {
        return $user->person !== null || $user->leads();
    }

    /** Asking for somebody's absence: one's own, and a lead anybody's. */
    public function ask(User $user, Person $person): bool
    {
        return $user->leads() || $person->user_id === $user->id;
    }

    /** Its cover plan: one's own, and a lead anybody's. */
    public function plan(User $user, Absence $absence): bool
    {
        return $user->leads() || $absence->person?->user_id === $user->id;
    }

    /** Thinking one through that nobody has asked for: of oneself, and a lead of anybody. */
    public function consider(User $user, Person $person): bool
    {
        return $user->leads() || $person->user_id === $user->id;
    }

    /** Changing when it is, who stands in and what passes: a lead, and whoever asked until it is decided. */
    public function change(User $user, Absence $absence): bool
    {
        return $user->leads() ||
            ($absence->status === AbsenceStatus::Asked && $absence->person?->user_id === $user->id);
    }

    /** Entering one that is approved with that. */
    public function enter(User $user): bool
    {
        return $user->leads();
    }

    /** Approving and declining. */
    public function decide(User $user, Absence $absence): bool
    {
        return $user->leads();
    }

    /** Calling it off, or ending it sooner. */
    public function end(User $user, Absence $absence): bool
    {
        return $user->leads() || $absence->person?->user_id === $user->id;
    }
}
