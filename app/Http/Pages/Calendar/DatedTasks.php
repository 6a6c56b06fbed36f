<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Database\Quarters;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;

/** Tasks by the days on which they are due, or were done: how many, and the first of each. */
final readonly class DatedTasks
{
    /**
     * @param 'due_at'|'completed_at' $by
     * @param non-empty-list<LocalDate> $dates one after the other
     */
    public function __construct(private string $by, private array $dates, private Zone $zone) {}

    /**
     * @param Builder<Task> $tasks
     *
     * @return array<int, int> by day
     */
    public function counts(Builder $tasks): array
    {
        $counts = [];
        $first = $this->dates[0];
        $last = $this->dates[count($this->dates) - 1];
        foreach (Quarters::counts($this->within($tasks->clone(), $first, $last), $this->by) as [$at, $number]) {
            $day = $this->zone->dateAt($at)->day;
            $counts[$day] = ($counts[$day] ?? 0) + $number;
        }

        return $counts;
    }

    /**
     * @param Builder<Task>       $tasks
     * @param array<int, int>     $counts by day
     *
     * @return array<int, list<Task>> by day, in order, at most so many of each; in one query
     */
    public function firsts(Builder $tasks, array $counts, int $most): array
    {
        $all = null;
        foreach ($this->dates as $date) {
            if (!isset($counts[$date->day])) {
                continue;
            }
            $some = $this->within($tasks->clone(), $date, $date)
                ->select(['tasks.id', 'number', 'title', 'status', 'due_at', 'completed_at'])
                ->orderBy($this->by)
                ->orderBy('number')
                ->limit($most);
            $all = $all === null ? $some : $all->unionAll($some);
        }
        $firsts = [];
        foreach ($all?->get() ?? [] as $task) {
            $at = $task->getAttribute($this->by);
            if ($at instanceof CarbonImmutable) {
                $firsts[$this->zone->dateAt($at->getTimestamp())->day][] = $task;
            }
        }

        return $firsts;
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return Builder<Task>
     */
    public function within(Builder $tasks, LocalDate $first, LocalDate $last): Builder
    {
        $at = fn(LocalDate $date): CarbonImmutable => CarbonImmutable::createFromTimestampUTC(
            $this->zone->instant($date, 0),
        );

        return $tasks->where($this->by, '>=', $at($first))->where($this->by, '<', $at($last->plus(1)));
    }
}
