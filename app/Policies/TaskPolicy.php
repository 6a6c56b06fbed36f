<?php

declare(strict_types=1);

namespace App\Policies;

use App\Absences\ActingFor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Tasks\TasksInSight;
use OpenBaton\Core\Subject\Standing;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskRight;
use OpenBaton\Core\Subject\Transitions;

/**
 * Who may do what with a task is for the core to say, in its rights and its
 * table of transitions; here stands how somebody stands to it.
 */
final class TaskPolicy
{
    public function view(User $user, Task $task): bool
    {
        return app(TasksInSight::class)->includes($user, $task);
    }

    /** Looking for tasks; what is found is what they see. */
    public function find(User $user): bool
    {
        return $user->person !== null || $user->leads();
    }

    /** Whoever asked for it, with how to reach them. */
    public function viewContact(User $user, Task $task): bool
    {
        $right = TaskRight::SeeContact;
        $sight = app(TasksInSight::class);
        $person = $user->person;

        return $right->isFor(self::standings($user, $task)) ||
            ($person !== null &&
                (($right->isFor([Standing::Substitute]) && $sight->covers($person, $task)) ||
                    ($right->isFor([Standing::CaseOwner]) && $sight->ownsCaseOf($person, $task))));
    }

    public function create(User $user): bool
    {
        return $user->leads() || ($user->person !== null && config()->boolean('baton.members_create'));
    }

    /** Bringing tasks in for other systems. */
    public function takeIn(User $user): bool
    {
        return $user->leads();
    }

    /**
     * Whether the person stands to the task as the action wants it; in which state the task has to be is another
     * matter.
     */
    public function perform(User $user, Task $task, TaskAction $action): bool
    {
        return Transitions::of($action)->isFor(self::standings($user, $task));
    }

    /** Whoever holds it, and nobody else: of an approval. */
    public function answer(User $user, Task $task): bool
    {
        return $user->person !== null && in_array($user->person->id, $task->holderIds(), true);
    }

    /** Changing what stands on it. */
    public function edit(User $user, Task $task): bool
    {
        return TaskRight::Edit->isFor(self::standings($user, $task));
    }

    public function comment(User $user, Task $task): bool
    {
        return $this->view($user, $task);
    }

    /** @return list<Standing> those by which somebody acts on it */
    public static function standings(User $user, Task $task): array
    {
        return array_values(array_unique([...self::own($user, $task), ...self::lent($user, $task)], SORT_REGULAR));
    }

    /** @return list<Standing> of whoever they stand in for on this task */
    private static function lent(User $user, Task $task): array
    {
        $lender = app(ActingFor::class)->of($user, $task)?->user;

        return $lender === null ? [] : self::own($lender, $task);
    }

    /** @return list<Standing> */
    private static function own(User $user, Task $task): array
    {
        $person = $user->person;
        $claims = static fn(): bool => $task->relationLoaded('claimants')
            ? $task->claimants->contains('id', $person?->id)
            : $task->claimants()->whereKey($person?->id)->exists();

        return array_values(
            array_filter([
                $person !== null && $task->isHeldBy($person) ? Standing::Holder : null,
                $person !== null && $task->assignee_id === null && $claims() ? Standing::Claimant : null,
                $person !== null && $task->reviewer_id === $person->id ? Standing::Reviewer : null,
                $person !== null && $task->creator_id === $person->id ? Standing::Creator : null,
                $user->leads() ? Standing::Lead : null,
            ]),
        );
    }
}
