<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Database\Row;
use App\Models\Rules\CoverageAct;
use App\Models\Rules\CoverageCount;
use App\Models\Rules\CoverageRun;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
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
    public static function ofArrivals(
        string $runId,
        array $arrivals,
        CompiledRulebook $rules,
        CompiledRulebook $against,
    ): bool {
        $counts = $acts = $examples = [];
        foreach ($arrivals as $number => $arrival) {
            $replay = CoverageReplay::of($rules, $arrival);
            $rule = self::giving($rules, $replay);
            $before = $rules === $against ? $rule : self::giving($against, CoverageReplay::of($against, $arrival));
            $day = self::day($arrival);
            $key = "{$day}\n{$rule}\n{$before}";
            $counts[$key] = ($counts[$key] ?? 0) + 1;
            self::act($acts, $day, $rules, $replay);
            if ($rule !== $before) {
                $examples[] = ['number' => $number, 'task' => $arrival->id];
            }
        }

        return self::commit($runId, 'through', $arrivals, static function (CoverageRun $run) use (
            $counts,
            $acts,
            $examples,
        ): array {
            self::store($run, $counts);
            self::storeActs($run, $acts);

            return [
                'examples' => array_slice([...array_reverse($examples), ...(array) $run->examples], 0, self::EXAMPLES),
            ];
        });
    }

    /**
     * @param non-empty-array<int, ChangeSet> $changes by id of the record
     *
     * @return bool false: the run is gone
     */
    public static function ofChanges(string $runId, array $changes, CompiledRulebook $rules): bool
    {
        $acts = [];
        foreach ($changes as $change) {
            self::act($acts, self::day($change), $rules, CoverageReplay::of($rules, $change));
        }

        return self::commit($runId, 'through_change', $changes, static function (CoverageRun $run) use ($acts): array {
            self::storeActs($run, $acts);

            return [];
        });
    }

    /**
     * @param non-empty-array<int, list<array{int, int}>> $acted by number of the task: positions of rules, each with
     *     the instant
     *
     * @return bool false: the run is gone
     */
    public static function ofMoments(string $runId, array $acted, CompiledRulebook $rules): bool
    {
        $acts = [];
        foreach (array_merge(...$acted) as [$position, $at]) {
            self::count($acts, gmdate('Y-m-d', $at), $rules, $position);
        }

        return self::commit($runId, 'through_task', $acted, static function (CoverageRun $run) use ($acts): array {
            self::storeActs($run, $acts, true);

            return [];
        });
    }

    /**
     * @param 'through'|'through_change'|'through_task'   $mark
     * @param non-empty-array<int, mixed>                 $piece
     * @param Closure(CoverageRun): array<string, mixed> $store gives what else is to be kept of the run
     */
    private static function commit(string $runId, string $mark, array $piece, Closure $store): bool
    {
        return DB::transaction(static function () use ($runId, $mark, $piece, $store): bool {
            $run = CoverageRun::query()->lockForUpdate()->find($runId);
            $last = array_key_last($piece);
            // Another worker was there first.
            if ($run === null || $run->{$mark} >= $last) {
                return $run !== null;
            }
            $run->update(
                $store($run) + [
                    $mark => $last,
                    'done' => $run->done + count($piece),
                    'total' => max($run->total, $run->done + count($piece)),
                    'finished_at' => null,
                ],
            );

            return true;
        }, attempts: 3);
    }

    private static function day(ChangeSet $change): string
    {
        return gmdate('Y-m-d', $change->at);
    }

    /** @return string id of the rule that gives; empty: none */
    private static function giving(CompiledRulebook $rulebook, CoverageReplay $replay): string
    {
        return $replay->giving === null ? '' : $rulebook->rulebook->rules[$replay->giving]->id;
    }

    /** @param array<string, int> $acts by day and rule */
    private static function act(array &$acts, string $day, CompiledRulebook $rules, CoverageReplay $replay): void
    {
        foreach ($replay->acting as $position) {
            self::count($acts, $day, $rules, $position);
        }
    }

    /** @param array<string, int> $acts by day and rule */
    private static function count(array &$acts, string $day, CompiledRulebook $rules, int $position): void
    {
        $key = "{$day}\n{$rules->rulebook->rules[$position]->id}";
        $acts[$key] = ($acts[$key] ?? 0) + 1;
    }

    /** @param array<string, int> $counts by day, rule and rule before */
    private static function store(CoverageRun $run, array $counts): void
    {
        $rows = [];
        foreach ($counts as $key => $tasks) {
            [$day, $rule, $before] = explode("\n", $key);
            $rows[$key] = [
                'coverage_run_id' => $run->id,
                'day' => $day,
                'rule' => $rule,
                'rule_before' => $before,
                'tasks' => $tasks,
            ];
        }
        CoverageCount::query()->upsert(
            self::added($rows, $run->counts(), ['day', 'rule', 'rule_before'], ['tasks']),
            ['coverage_run_id', 'day', 'rule', 'rule_before'],
            ['tasks'],
        );
    }

    /** @param array<string, int> $acts by day and rule */
    private static function storeActs(CoverageRun $run, array $acts, bool $estimated = false): void
    {
        $rows = [];
        foreach ($acts as $key => $times) {
            [$day, $rule] = explode("\n", $key);
            $rows[$key] = [
                'coverage_run_id' => $run->id,
                'day' => $day,
                'rule' => $rule,
                'times' => $times,
                'estimated' => $estimated ? $times : 0,
            ];
        }
        CoverageAct::query()->upsert(
            self::added($rows, $run->acts(), ['day', 'rule'], ['times', 'estimated']),
            ['coverage_run_id', 'day', 'rule'],
            ['times', 'estimated'],
        );
    }

    /**
     * @template R of array<string, int|string>
     * @template M of Model
     *
     * @param array<string, R>                                                  $rows  by what their key says
     * @param HasMany<M, CoverageRun> $known what was counted before
     * @param list<string>                                                      $key
     * @param list<string>                                                      $figures
     *
     * @return list<array<string, int|string>>
     */
    private static function added(array $rows, HasMany $known, array $key, array $figures): array
    {
        foreach (
            $known->whereIn('day', array_values(array_unique(array_column($rows, 'day'))))->toBase()->get()
            as $one
        ) {
            $one = new Row($one);
            $at = implode("\n", array_map($one->text(...), $key));
            foreach (isset($rows[$at]) ? $figures : [] as $figure) {
                $rows[$at][$figure] = (int) $rows[$at][$figure] + $one->int($figure);
            }
        }

        return array_values($rows);
    }
}
