<?php

declare(strict_types=1);

namespace App\Http\Pages\Figures;

use App\Bridge\Snapshot;
use App\Database\Quarters;
use App\Database\Row;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Tasks\ListedTasks;
use App\Tasks\TaskFilter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Time\LocalDate;

/** How many tasks are open, overdue, due soon and unplaced now: of the house or a team, by week, team or kind. */
final readonly class OpenFigures
{
    /** As the address of a list of tasks has each. */
    private const LISTS = [
        'open' => [],
        'overdue' => ['due' => 'late'],
        'soon' => ['due' => 'soon'],
        'unplaced' => ['holder' => TaskFilter::UNPLACED],
    ];

    /**
     * @param string    $team  slug; empty: the whole house
     * @param LocalDate $first day of the weeks that are looked at, where it is by week
     */
    public function __construct(
        private ListedTasks $listed,
        private User $user,
        private Snapshot $house,
        private string $team,
        private LocalDate $first,
    ) {}

    /** @return array<string, int> by which */
    public function all(): array
    {
        return array_map(static fn(Builder $tasks): int => $tasks->count(), $this->queries());
    }

    /**
     * Of weeks: overdue and due soon by when they are due, the others by when they arrived.
     *
     * @return array<array-key, array<string, int>> by which, by key
     */
    public function by(string $by): array
    {
        $found = [];
        foreach ($this->queries() as $which => $tasks) {
            $counts = match ($by) {
                'kind' => $this->byKind($tasks),
                'team' => $this->byTeam($tasks),
                default => $this->byWeek(
                    $tasks,
                    in_array($which, ['overdue', 'soon'], true) ? 'due_at' : 'arrived_at',
                ),
            };
            foreach ($counts as $key => $count) {
                $found[$key][$which] = $count;
            }
        }

        return array_map(
            static fn(array $counts): array => $counts + array_fill_keys(array_keys(self::LISTS), 0),
            $found,
        );
    }

    /** @return array<string, Builder<Task>> the lists of tasks behind each */
    private function queries(): array
    {
        return array_map(
            fn(array $list): Builder => $this->listed->of(new TaskFilter($list + ['team' => $this->team]), $this->user),
            self::LISTS,
        );
    }

    /** @return list<string> ids */
    private function members(string $team): array
    {
        return $this->house->idsOf(Membership::ids($this->house->roster->teams[$team]->members));
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return array<array-key, int> by slug
     */
    private function byKind(Builder $tasks): array
    {
        $counts = [];
        foreach ($this->grouped($tasks, 'task_kind_id') as $id => $count) {
            $counts[$this->house->kinds[$id]->slug ?? ''] = $count;
        }

        return $counts;
    }

    /**
     * A task of several counts in the team of each, once; what nobody has in none.
     *
     * @param Builder<Task> $tasks
     *
     * @return array<array-key, int> by slug; empty: in no team
     */
    private function byTeam(Builder $tasks): array
    {
        $byPerson = $this->grouped($tasks->clone()->whereNull('do_together'), 'assignee_id');
        $together = $tasks
            ->clone()
            ->whereNotNull('do_together')
            ->with('holdsWith:id')
            ->get(['tasks.id', 'assignee_id', 'do_together']);
        $counts = [];
        $left = $byPerson;
        foreach ($this->house->roster->teams as $team) {
            $members = $this->members($team->id);
            $counts[$team->id] =
                array_sum(array_intersect_key($byPerson, array_flip($members))) +
                $together
                    ->filter(static fn(Task $task): bool => array_intersect($task->holderIds(), $members) !== [])
                    ->count();
            $left = array_diff_key($left, array_flip($members));
        }
        $counts[''] = array_sum($left);

        return array_filter($counts);
    }

    /**
     * @param Builder<Task>         $tasks
     * @param 'due_at'|'arrived_at' $column
     *
     * @return array<array-key, int> by Monday
     */
    private function byWeek(Builder $tasks, string $column): array
    {
        $zone = $this->house->roster->house->zone();
        $counts = [];
        $from = CarbonImmutable::createFromTimestampUTC($zone->instant($this->first, 0));
        foreach (Quarters::counts($tasks->clone()->where($column, '>=', $from), $column) as [$at, $number]) {
            $week = $zone->dateAt($at)->startOfWeek()->format();
            $counts[$week] = ($counts[$week] ?? 0) + $number;
        }

        return $counts;
    }

    /**
     * @param Builder<Task>                    $tasks
     * @param 'task_kind_id'|'assignee_id' $column
     *
     * @return array<array-key, int> by id
     */
    private function grouped(Builder $tasks, string $column): array
    {
        $counts = [];
        // The query builder has no count by groups; there is nothing in it from outside.
        $rows = $tasks
            ->clone()
            ->selectRaw("{$column} AS id, COUNT(*) AS number")
            ->groupBy($column)
            ->toBase()
            ->get();
        foreach ($rows as $row) {
            $row = new Row($row);
            $counts[$row->textOrNull('id') ?? ''] = $row->int('number');
        }

        return $counts;
    }
}
