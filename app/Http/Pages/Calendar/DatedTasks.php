<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Database\Row;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;

/** Tasks by the days on which they are due, or were done: how many, and the first of each. */
final readonly class DatedTasks
{
    /** Every zone is so many seconds, or a multiple of them, away from UTC. */
    private const QUARTER = 900;

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
        // The query builder has no count by parts of a time; there is nothing in it from outside.
        $rows = $this->within($tasks->clone(), $this->dates[0], $this->dates[count($this->dates) - 1])
            ->selectRaw('UNIX_TIMESTAMP(' . $this->by . ') DIV ' . self::QUARTER . ' AS quarter, COUNT(*) AS number')
            ->groupBy('quarter')
            ->toBase()
            ->get();
        foreach ($rows as $row) {
            $row = new Row($row);
            $day = $this->zone->dateAt($row->int('quarter') * self::QUARTER)->day;
            $counts[$day] = ($counts[$day] ?? 0) + $row->int('number');
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
