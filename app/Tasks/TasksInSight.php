<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Absence\CoverMoves;
use OpenBaton\Core\People\Colleagues;
use OpenBaton\Core\Subject\Standing;
use OpenBaton\Core\Subject\TaskRight;

/** Which tasks somebody sees: those to which they stand in one of the ways that let one see them. */
final readonly class TasksInSight
{
    public function __construct(private SnapshotSource $snapshots) {}

    /**
     * @param Builder<Task> $tasks
     *
     * @return Builder<Task> those of them that somebody sees
     */
    public function of(User $user, Builder $tasks): Builder
    {
        if ($user->leads()) {
            return $tasks;
        }
        $person = $user->person;
        $house = $this->snapshots->current();
        if ($person === null || !isset($house->personSlugs[$person->id])) {
            return $tasks->whereKey([]);
        }

        return $house->tasksAreOpen
            ? $tasks
            : $tasks->where(function (Builder $any) use ($person, $house): void {
                foreach (TaskRight::See->standings() as $standing) {
                    $any->orWhere(fn(Builder $one): Builder => $this->inStanding($one, $standing, $person, $house));
                }
            });
    }

    public function includes(User $user, Task $task): bool
    {
        return $user->leads() || $this->of($user, Task::query()->whereKey($task->id))->exists();
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string> ids of those of the tasks that somebody sees, in one query
     */
    public function among(User $user, array $ids): array
    {
        $seen =
            $ids === []
                ? []
                : $this->of($user, Task::query()->whereKey($ids))
                    ->get(['id'])
                    ->all();

        return array_values(array_map(static fn(Task $task): string => $task->id, $seen));
    }

    /** Whether somebody stands in for whoever holds or reviews a task, now or where the nearer ones can't. */
    public function covers(Person $person, Task $task): bool
    {
        return array_intersect(
            array_filter([$task->assignee_id, $task->reviewer_id]),
            $this->coveredBy($person, $this->snapshots->current()),
        ) !== [];
    }

    /** Whether somebody owns the case that a task is in, or stands in for whoever does. */
    public function ownsCaseOf(Person $person, Task $task): bool
    {
        return $task->case_id !== null &&
            in_array(
                $task->case?->owner_id,
                [$person->id, ...$this->coveredBy($person, $this->snapshots->current())],
                true,
            );
    }

    /** @return list<string> ids of those for whom somebody stands in, now or where the nearer ones can't */
    public function coveredBy(Person $person, Snapshot $house): array
    {
        return isset($house->personSlugs[$person->id])
            ? $house->idsOf(
                CoverMoves::coveredBy($house->roster, $person->slug, CarbonImmutable::now()->getTimestamp()),
            )
            : [];
    }

    /** @return list<string> ids of those who are in a team of somebody's, or lead one */
    public static function teammates(Person $person, Snapshot $house): array
    {
        return $house->idsOf(
            (new Colleagues($house->roster, $person->slug))->inTeams(CarbonImmutable::now()->getTimestamp()),
        );
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return Builder<Task>
     */
    private function inStanding(Builder $tasks, Standing $standing, Person $person, Snapshot $house): Builder
    {
        $own = static fn(Builder $people): Builder => $people->whereKey($person->id);

        return match ($standing) {
            Standing::Holder => self::heldByAnyOf($tasks, [$person->id]),
            Standing::Claimant => $tasks->whereNull('assignee_id')->whereHas('claimants', $own),
            Standing::Reviewer => $tasks->where('reviewer_id', $person->id),
            Standing::Creator => $tasks->where('creator_id', $person->id),
            Standing::Watcher => $tasks->whereHas('watchers', $own),
            Standing::Former => $tasks->where(
                static fn(Builder $either): Builder => $either
                    ->where('last_reviewer_id', $person->id)
                    ->orWhereHas(
                        'handoffs',
                        static fn(Builder $handoffs): Builder => $handoffs->where('to_id', $person->id),
                    ),
            ),
            Standing::Substitute => $tasks->where(function (Builder $either) use ($person, $house): void {
                $covered = $this->coveredBy($person, $house);
                self::heldByAnyOf($either, $covered)->orWhereIn('reviewer_id', $covered);
            }),
            Standing::Teammate => self::heldByAnyOf($tasks, self::teammates($person, $house)),
            Standing::CaseOwner => $tasks->whereHas(
                'case',
                fn(Builder $case): Builder => $case->whereIn(
                    'owner_id',
                    array_values(array_unique([$person->id, ...$this->coveredBy($person, $house)])),
                ),
            ),
            // Leads see all without this.
            Standing::Lead => $tasks->whereKey([]),
        };
    }

    /**
     * @param Builder<Task> $tasks
     * @param list<string>  $people ids
     *
     * @return Builder<Task>
     */
    private static function heldByAnyOf(Builder $tasks, array $people): Builder
    {
        return $tasks->where(
            static fn(Builder $either): Builder => $either
                ->whereIn('assignee_id', $people)
                ->orWhereHas('holdsWith', static fn(Builder $holders): Builder => $holders->whereKey($people)),
        );
    }
}
