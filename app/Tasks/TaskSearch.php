<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Database\SearchWords;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Workload\TaskStatus;

/** Finds tasks by number, or by the beginnings of words in title or customer, through indexes; open ones first. */
final readonly class TaskSearch
{
    private const CUSTOMERS = 200;

    public function __construct(private TasksInSight $sight) {}

    /** @return Collection<int, Task> of those that somebody sees */
    public function find(string $text, int $most, User $by): Collection
    {
        $number = SearchWords::number($text);
        if ($number !== null) {
            return $this->sight
                ->of(
                    $by,
                    Task::query()
                        ->with(['kind', 'customer'])
                        ->where('number', $number),
                )
                ->get();
        }
        $query = SearchWords::of($text);
        if ($query === null) {
            return new Collection();
        }
        $found = new Collection();
        foreach ([true, false] as $open) {
            if ($found->count() < $most) {
                $found = $found->merge($this->tasks($query, $open, $most - $found->count(), $by));
            }
        }

        return $found;
    }

    /** @return Collection<int, Task> */
    private function tasks(string $words, bool $open, int $most, User $by): Collection
    {
        $customers = Customer::query()
            ->whereFullText('name', $words, ['mode' => 'boolean'])
            ->limit(self::CUSTOMERS)
            ->pluck('id');
        $closed = [TaskStatus::Done, TaskStatus::Dropped];
        $of = fn(Builder $query): Builder => $this->sight
            ->of($by, $open ? $query->whereNotIn('status', $closed) : $query->whereIn('status', $closed))
            ->select('id')
            ->latest('arrived_at')
            ->limit($most);
        // Two queries, each by its index; the database would scan all tasks for one with "or".
        $ids = $of(Task::query()->whereFullText('title', $words, ['mode' => 'boolean']))
            ->pluck('id')
            ->merge($customers->isEmpty() ? [] : $of(Task::query()->whereIn('customer_id', $customers))->pluck('id'));

        return Task::query()
            ->with(['kind', 'customer'])
            ->whereIn('id', $ids->unique())
            ->latest('arrived_at')
            ->limit($most)
            ->get();
    }
}
