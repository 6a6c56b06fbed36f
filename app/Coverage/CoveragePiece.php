<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Database\Row;
use App\Models\CoverageCount;
use App\Models\CoverageRun;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Check\CoverageReplay;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeSet;

/** Adds a piece of the recent work to a run: all of it, or nothing. */
final class CoveragePiece
{
    private const EXAMPLES = 12;

    /**
     * @param non-empty-array<int, ChangeSet> $arrivals by number of the task
     *
     * @return bool false: the run is gone
     */
    public static function add(string $runId, array $arrivals, CompiledRulebook $rules, CompiledRulebook $against): bool
    {
        $counts = $examples = [];
        foreach ($arrivals as $number => $arrival) {
            $rule = self::rule($rules, $arrival);
            $before = $rules === $against ? $rule : self::rule($against, $arrival);
            $day = gmdate('Y-m-d', $arrival->at);
            $key = "{$day}\n{$rule}\n{$before}";
            $counts[$key] = ($counts[$key] ?? 0) + 1;
            if ($rule !== $before) {
                $examples[] = ['number' => $number, 'task' => $arrival->id];
            }
        }

        return DB::transaction(static function () use ($runId, $arrivals, $counts, $examples): bool {
            $run = CoverageRun::query()->lockForUpdate()->find($runId);
            $last = array_key_last($arrivals);
            // Another worker was there first.
            if ($run === null || $run->through >= $last) {
                return $run !== null;
            }
            self::store($run, $counts);
            $run->update([
                'through' => $last,
                'done' => $run->done + count($arrivals),
                'total' => max($run->total, $run->done + count($arrivals)),
                'examples' => array_slice([...array_reverse($examples), ...(array) $run->examples], 0, self::EXAMPLES),
                'finished_at' => null,
            ]);

            return true;
        }, attempts: 3);
    }

    private static function rule(CompiledRulebook $rulebook, ChangeSet $arrival): string
    {
        $position = CoverageReplay::position($rulebook, $arrival);

        return $position === null ? '' : $rulebook->rulebook->rules[$position]->id;
    }

    /** @param array<string, int> $counts by day, rule and rule before */
    private static function store(CoverageRun $run, array $counts): void
    {
        $rows = [];
        $days = [];
        foreach ($counts as $key => $tasks) {
            [$day, $rule, $before] = explode("\n", $key);
            $days[$day] = true;
            $rows[$key] = ['coverage_run_id' => $run->id, 'day' => $day, 'rule' => $rule, 'rule_before' => $before, 'tasks' => $tasks];
        }
        foreach ($run->counts()->whereIn('day', array_map(strval(...), array_keys($days)))->toBase()->get() as $known) {
            $known = new Row($known);
            $key = "{$known->text('day')}\n{$known->text('rule')}\n{$known->text('rule_before')}";
            if (isset($rows[$key])) {
                $rows[$key]['tasks'] += $known->int('tasks');
            }
        }
        CoverageCount::query()->upsert(array_values($rows), ['coverage_run_id', 'day', 'rule', 'rule_before'], ['tasks']);
    }
}
