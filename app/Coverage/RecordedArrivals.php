<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Database\Row;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\JoinClause;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\Zone;

/** The arrivals of the last weeks as rules see them, in the order of the numbers of their tasks. */
final readonly class RecordedArrivals
{
    public function __construct(private FieldCatalogue $fields, private Zone $zone, private ChangeFacts $seen) {}

    /** The first moment of the day from which on work counts as recent. */
    public static function since(): CarbonImmutable
    {
        return CarbonImmutable::now()->startOfDay()->subDays(config()->integer('baton.recent_days'));
    }

    public static function countAfter(int $number): int
    {
        return self::query($number)->count();
    }

    /** @return array<int, ChangeSet> by number of the task */
    public function after(int $number, int $most): array
    {
        return $this->read(self::query($number)->orderBy('number'), $most);
    }

    /** @return array<int, ChangeSet> likewise, the latest first */
    public function latest(int $most): array
    {
        return $this->read(self::query(0)->orderByDesc('number'), $most);
    }

    /**
     * @param Builder<Task> $query
     *
     * @return array<int, ChangeSet>
     */
    private function read(Builder $query, int $most): array
    {
        $rows = $query
            ->join(
                'decisions',
                static fn(JoinClause $join) => $join
                    ->on('decisions.task_id', '=', 'tasks.id')
                    ->where('decisions.event', TaskArrives::kind()),
            )
            ->limit($most)
            ->toBase()
            ->get(['tasks.id', 'tasks.number', 'decisions.at', 'decisions.facts']);
        $arrivals = [];
        foreach ($rows as $row) {
            $row = new Row($row);
            $at = $row->instant('at');
            $id = $row->text('id');
            $arrivals[$row->int('number')] = new ChangeSet(
                $id,
                $at,
                null,
                new TaskSubject($id, $at),
                $this->facts($row->text('facts'), $at),
            );
        }

        return $arrivals;
    }

    /** @return Builder<Task> */
    private static function query(int $number): Builder
    {
        return Task::query()->where('number', '>', $number)->where('arrived_at', '>=', self::since());
    }

    private function facts(string $json, int $at): Facts
    {
        $known = FactsFormat::known((array) json_decode($json, true), $this->fields);

        return $this->seen->lookedUp(new Facts($known, $this->zone->dateAt($at)), $at);
    }
}
