<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\SnapshotSource;
use App\Database\SearchWords;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Database\Query\Builder as AnyBuilder;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\TaskStatus;

/** The tasks of a list, of those that somebody sees. */
final readonly class ListedTasks
{
    /** Tasks and customers that are found by their words. */
    private const FOUND = 2_000;

    public function __construct(private TasksInSight $sight, private SnapshotSource $houses) {}

    /** @return Builder<Task> without an order */
    public function of(TaskFilter $filter, User $user): Builder
    {
        $house = $this->houses->current();
        $tasks = $this->sight->of($user, Task::query());
        match ($filter->status) {
            TaskFilter::ALL => null,
            TaskFilter::OPEN => $tasks->whereIn('status', TaskStatus::open()),
            TaskFilter::TO_HAND_ON => $tasks->where('to_hand_on', true),
            default => $tasks->where('status', $filter->status),
        };
        if ($filter->kind !== '') {
            $tasks->where('task_kind_id', $house->kindNamed($filter->kind)?->id);
        }
        if ($filter->holder !== '') {
            match ($filter->holder) {
                TaskFilter::NOBODY => $tasks->whereNull('assignee_id'),
                TaskFilter::UNPLACED => $tasks->unplaced(),
                default => $tasks->heldBy(
                    $house->personIds[$filter->holder] ?? [],
                    $filter->status === TaskFilter::OPEN,
                ),
            };
        }
        if ($filter->team !== '') {
            $members = [];
            foreach ($house->roster->teams[$filter->team]->members ?? [] as $member) {
                $members[] = $member->personId;
            }
            $tasks->heldBy($house->idsOf($members), $filter->status === TaskFilter::OPEN);
        }
        if ($filter->customer !== '') {
            $tasks->where('customer_id', Customer::query()->where('slug', $filter->customer)->value('id'));
        }
        if ($filter->priority !== '') {
            $tasks->where('priority', $filter->priority);
        }
        if ($filter->tag !== '') {
            $tasks->whereJsonContains('tags', $filter->tag);
        }
        $this->due($tasks, $filter->due);
        $this->dated($tasks, $filter, $house->roster->house->zone());
        $this->named($tasks, $filter->text);

        return $tasks;
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return Builder<Task> in the order of the list: its groups, then as it is sorted
     */
    public function inOrder(Builder $tasks, TaskFilter $filter): Builder
    {
        if ($filter->group !== '') {
            $this->by($tasks, $filter->group, false);
        }
        $this->by($tasks, $filter->sort, $filter->down);

        return $tasks->orderBy('tasks.number', $filter->down ? 'desc' : 'asc');
    }

    /** @param Builder<Task> $tasks */
    private function by(Builder $tasks, string $what, bool $down): void
    {
        $way = $down ? 'desc' : 'asc';
        $name = static fn(AnyBuilder $of, string $column): AnyBuilder => $of
            ->select('name')
            ->whereColumn('id', $column);
        match ($what) {
            'title' => $tasks->orderBy('title', $way),
            'kind' => $tasks->orderBy($name(TaskKind::query()->toBase(), 'tasks.task_kind_id'), $way),
            'customer' => $tasks->orderBy($name(Customer::query()->toBase(), 'tasks.customer_id'), $way),
            'holder' => $tasks->orderBy($name(Person::query()->toBase(), 'tasks.assignee_id'), $way),
            'status' => $tasks->orderBy('status', $way),
            // The query builder has no order by rank; there is nothing in it from outside.
            'priority' => $tasks->orderByRaw("FIELD(priority, 'low', 'normal', 'high', 'urgent') {$way}"),
            'arrived' => $tasks->orderBy('arrived_at', $way),
            // Those without a date come last, whichever way.
            'due' => $tasks->orderByRaw('due_at IS NULL')->orderBy('due_at', $way),
            default => null,
        };
    }

    /** @param Builder<Task> $tasks */
    private function due(Builder $tasks, string $due): void
    {
        $now = CarbonImmutable::now();
        $local = $now->setTimezone(House::query()->firstOrFail()->zone);
        match ($due) {
            'late' => $tasks->where('due_at', '<', $now)->whereIn('status', TaskStatus::open()),
            'soon' => $tasks
                ->whereIn('status', TaskStatus::open())
                ->where('due_at', '>=', $now)
                ->where('due_at', '<=', $now->addMinutes(House::query()->firstOrFail()->due_soon_minutes)),
            'missed' => $tasks->where('status', TaskStatus::Done)->whereColumn('completed_at', '>', 'due_at'),
            'today' => $tasks->whereBetween('due_at', [$local->startOfDay()->utc(), $local->endOfDay()->utc()]),
            'week' => $tasks->whereBetween('due_at', [$local->startOfWeek()->utc(), $local->endOfWeek()->utc()]),
            'none' => $tasks->whereNull('due_at'),
            default => null,
        };
    }

    /** @param Builder<Task> $tasks */
    private function dated(Builder $tasks, TaskFilter $filter, Zone $zone): void
    {
        $column = TaskFilter::DATES[$filter->dates] ?? null;
        if ($column === null) {
            return;
        }
        $at = static fn(string $day, int $after): CarbonImmutable => CarbonImmutable::createFromTimestampUTC(
            $zone->instant(LocalDate::parse($day)->plus($after), 0),
        );
        if ($filter->from !== '') {
            $tasks->where($column, '>=', $at($filter->from, 0));
        }
        if ($filter->to !== '') {
            $tasks->where($column, '<', $at($filter->to, 1));
        }
    }

    /** @param Builder<Task> $tasks */
    private function named(Builder $tasks, string $text): void
    {
        if ($text === '') {
            return;
        }
        $number = SearchWords::number($text);
        if ($number !== null) {
            $tasks->where('number', $number);

            return;
        }
        $words = SearchWords::of($text);
        if ($words === null) {
            $tasks->where('title', 'like', addcslashes($text, '%_\\') . '%');

            return;
        }
        // Each by its index; the database would look at all tasks for both at once.
        $customers = Customer::query()
            ->whereFullText('name', $words, ['mode' => 'boolean'])
            ->limit(self::FOUND)
            ->pluck('id');
        $titled = Task::query()
            ->whereFullText('title', $words, ['mode' => 'boolean'])
            ->latest('arrived_at')
            ->limit(self::FOUND)
            ->pluck('id');
        $tasks->where(
            static fn(Builder $either): Builder => $either
                ->whereIn('tasks.id', $titled)
                ->orWhereIn('customer_id', $customers),
        );
    }
}
