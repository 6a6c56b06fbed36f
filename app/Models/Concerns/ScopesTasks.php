<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Tasks\Task;
use App\Models\Tasks\TaskHolder;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Workload\TaskStatus;

/** Which tasks are looked for, and in which order. */
trait ScopesTasks
{
    /** The builder has no order by a list of values. */
    private static string $urgentFirst = "FIELD(priority, 'urgent', 'high', 'normal', 'low')";

    /** @param Builder<Task> $query */
    public function scopeOpen(Builder $query): void
    {
        // Completed ones are told by an index first.
        $query->whereIn('status', TaskStatus::open())->whereNull('completed_at');
    }

    /**
     * Those that somebody of these holds, alone or with others.
     *
     * @param Builder<Task>       $query
     * @param string|list<string> $people ids
     * @param bool                $open   open ones only are asked for
     */
    public function scopeHeldBy(Builder $query, string|array $people, bool $open = true): void
    {
        self::inSeats($query, ['tasks.assignee_id'], (array) $people, $open);
    }

    /**
     * Those of the open ones that somebody of these holds or reviews.
     *
     * @param Builder<Task>       $query
     * @param string|list<string> $people ids
     */
    public function scopeConcerning(Builder $query, string|array $people): void
    {
        self::inSeats($query, ['tasks.assignee_id', 'tasks.reviewer_id'], (array) $people, true);
    }

    /**
     * Those of the open ones that are with somebody of these: held, or, in review, to be reviewed by them.
     *
     * @param Builder<Task>       $query
     * @param string|list<string> $people ids
     */
    public function scopeInHandOf(Builder $query, string|array $people): void
    {
        $query
            ->where(
                static fn(Builder $theirs): Builder => $theirs
                    ->where(
                        static fn(Builder $held): Builder => $held
                            ->heldBy($people)
                            ->where('status', '<>', TaskStatus::InReview),
                    )
                    ->orWhere(
                        static fn(Builder $reviewed): Builder => $reviewed
                            ->whereIn('reviewer_id', (array) $people)
                            ->where('status', TaskStatus::InReview),
                    ),
            )
            ->open();
    }

    /**
     * @param Builder<Task> $query
     * @param list<string>  $columns
     * @param list<string>  $people
     */
    private static function inSeats(Builder $query, array $columns, array $people, bool $open): void
    {
        // Asked for apart: the database would look through all tasks for both at once.
        $together = TaskHolder::tasksOf($people, $open);
        $query->where(static function (Builder $any) use ($columns, $people, $together): void {
            foreach ($columns as $column) {
                $any->orWhereIn($column, $people);
            }
            if ($together !== []) {
                $any->orWhereIn('tasks.id', $together);
            }
        });
    }

    /**
     * Those that are to be done now, as far as their begin goes.
     *
     * @param Builder<Task> $query
     */
    public function scopeNotPostponed(Builder $query): void
    {
        $query->where(
            static fn(Builder $any): Builder => $any->whereNull('starts_at')->orWhere('starts_at', '<=', now()),
        );
    }

    /**
     * Open tasks that nobody holds and somebody may claim.
     *
     * @param Builder<Task> $query
     */
    public function scopeClaimable(Builder $query): void
    {
        $query->whereNull('assignee_id')->whereIn('status', TaskStatus::wantingHolder())->whereHas('claimants');
    }

    /**
     * Open tasks that nobody holds and nobody may claim.
     *
     * @param Builder<Task> $query
     */
    public function scopeUnplaced(Builder $query): void
    {
        $query->whereNull('assignee_id')->whereIn('status', TaskStatus::wantingHolder())->whereDoesntHave('claimants');
    }

    /**
     * The most urgent first, of those the one that has waited longest.
     *
     * @param Builder<Task> $query
     */
    public function scopeMostUrgentFirst(Builder $query): void
    {
        $query->orderByRaw(self::$urgentFirst)->orderBy('arrived_at');
    }

    /**
     * Due first, without a due date last.
     *
     * @param Builder<Task> $query
     */
    public function scopeDueFirst(Builder $query): void
    {
        // The builder has no order by whether a column is null.
        $query->orderByRaw('due_at IS NULL')->orderBy('due_at')->orderByRaw(self::$urgentFirst)->orderBy('arrived_at');
    }
}
