<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\SnapshotSource;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Tasks\TasksInSight;
use Illuminate\Database\Eloquent\Builder;

/**
 * Which cases somebody sees: those that they own, may take, opened or watch, those of their team, and those with a task
 * in them that they see.
 */
final readonly class CasesInSight
{
    public function __construct(private SnapshotSource $snapshots, private TasksInSight $tasks) {}

    /**
     * @param Builder<CustomerCase> $cases
     *
     * @return Builder<CustomerCase> those of them that somebody sees
     */
    public function of(User $user, Builder $cases): Builder
    {
        if ($user->leads()) {
            return $cases;
        }
        $person = $user->person;
        $house = $this->snapshots->current();
        if ($person === null || !isset($house->personSlugs[$person->id])) {
            return $cases->whereKey([]);
        }
        if ($house->tasksAreOpen) {
            return $cases;
        }
        $owners = [
            $person->id,
            ...$this->tasks->coveredBy($person, $house),
            ...TasksInSight::teammates($person, $house),
        ];
        $tasks = $this->tasks->of($user, Task::query()->whereNotNull('case_id'))->select('case_id');

        return $cases->where(
            static fn(Builder $any): Builder => $any
                ->whereIn('owner_id', array_values(array_unique($owners)))
                ->orWhere('creator_id', $person->id)
                ->orWhereHas('watchers', static fn(Builder $one): Builder => $one->whereKey($person->id))
                ->orWhereHas('claimants', static fn(Builder $one): Builder => $one->whereKey($person->id))
                ->orWhereIn('id', $tasks),
        );
    }

    public function includes(User $user, CustomerCase $case): bool
    {
        return $user->leads() || $this->of($user, CustomerCase::query()->whereKey($case->id))->exists();
    }
}
