<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Task;
use App\Models\User;

final class TaskPolicy
{
    public function view(User $user, Task $task): bool
    {
        return $user->person !== null || $user->leads();
    }

    public function create(User $user): bool
    {
        return $user->leads();
    }

    /** Starting, completing and handing on: whoever holds it, and whoever leads. */
    public function work(User $user, Task $task): bool
    {
        return ($user->person !== null && $task->assignee_id === $user->person->id) || $user->leads();
    }

    public function handOn(User $user, Task $task): bool
    {
        return $this->work($user, $task);
    }

    public function claim(User $user, Task $task): bool
    {
        return $user->person !== null
            && $task->assignee_id === null
            && $task->claimants()->whereKey($user->person->id)->exists();
    }
}
