<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Task;
use App\Models\User;
use OpenBaton\Core\Subject\Standing;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\Transitions;

/** Who may do what with a task is for the core's table of transitions to say; here stands how somebody stands to it. */
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

    /** Starting, completing and taking up again. */
    public function work(User $user, Task $task): bool
    {
        return $this->may(TaskAction::Start, $user, $task);
    }

    public function handOn(User $user, Task $task): bool
    {
        return $this->may(TaskAction::HandOn, $user, $task);
    }

    public function claim(User $user, Task $task): bool
    {
        return $this->may(TaskAction::Claim, $user, $task);
    }

    private function may(TaskAction $action, User $user, Task $task): bool
    {
        return Transitions::of($action)->isFor(self::standings($user, $task));
    }

    /** @return list<Standing> */
    public static function standings(User $user, Task $task): array
    {
        $person = $user->person;
        $claims = static fn(): bool => $task->relationLoaded('claimants')
            ? $task->claimants->contains('id', $person?->id)
            : $task->claimants()->whereKey($person?->id)->exists();

        return array_values(array_filter([
            $person !== null && $task->assignee_id === $person->id ? Standing::Holder : null,
            $person !== null && $task->assignee_id === null && $claims() ? Standing::Claimant : null,
            $user->leads() ? Standing::Lead : null,
        ]));
    }
}
