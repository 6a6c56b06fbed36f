<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;

/** Who sees runs of runsheets, starts them, and steers them. */
final class RunPolicy
{
    /** Looking for runs: those of nothing and of everything are for leads. */
    public function viewAny(User $user): bool
    {
        return $user->leads();
    }

    /** Whoever sees what it is of. */
    public function view(User $user, Run $run): bool
    {
        $of = $run->task ?? $run->case;

        return $of === null ? $user->leads() : $user->can('view', $of);
    }

    /** Whoever may change what it is to be of. */
    public function create(User $user, Task|CustomerCase|null $of): bool
    {
        return $of === null ? $user->leads() : $user->can('edit', $of);
    }

    /** Opening steps again, going on without them, going back, stopping it. */
    public function steer(User $user, Run $run): bool
    {
        return $user->leads() ||
            match (true) {
                $run->task !== null => $run->task->assignee_id !== null &&
                    $run->task->assignee_id === $user->person?->id,
                $run->case !== null => $run->case->owner_id !== null && $run->case->owner_id === $user->person?->id,
                default => false,
            };
    }
}
