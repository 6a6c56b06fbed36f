<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Models\Rules\CoverageRun;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Check\CoverageReplay;
use OpenBaton\Core\Check\Kind\Gap;
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
        $counts = $acts = $meets = $lefts = $examples = [];
        $lists = Gap::lists($rules->rulebook->fields);
        foreach ($arrivals as $number => $arrival) {
            $replay = CoverageReplay::of($rules, $arrival);
            $rule = self::giving($rules, $replay);
            $before = $rules === $against ? $rule : self::giving($against, CoverageReplay::of($against, $arrival));
            $day = self::day($arrival);
            $key = "{$day}\n{$rule}\n{$before}";
            self::count($counts, $key, ['tasks' => 1]);
            self::act($acts, $day, $rules, $replay);
            foreach ($replay->meeting as $position) {
                self::count($meets, "{$day}\n{$rules->rulebook->rules[$position]->id}\n{$rule}", ['tasks' => 1]);
            }
            foreach ($rule === '' ? self::left($arrival, $lists) : [] as $what) {
                self::count($lefts, "{$day}\n{$what}", ['tasks' => 1]);
            }
            if ($rule !== $before) {
                $examples[] = ['number' => $number, 'task' => $arrival->id];
            }
        }

        return self::commit($runId, 'through', $arrivals, static function (CoverageRun $run) use (
            $counts,
            $acts,
            $meets,
            $lefts,
            $examples,
        ): array {
            CoverageTallies::add($run->counts(), $run, ['day', 'rule', 'rule_before'], $counts);
            CoverageTallies::add($run->acts(), $run, ['day', 'rule'], $acts);
            CoverageTallies::add($run->meets(), $run, ['day', 'rule', 'taker'], $meets);
            CoverageTallies::add($run->lefts(), $run, ['day', 'kind', 'path', 'value'], $lefts);

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
            CoverageTallies::add($run->acts(), $run, ['day', 'rule'], $acts);

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
            $key = gmdate('Y-m-d', $at) . "\n" . $rules->rulebook->rules[$position]->id;
            self::count($acts, $key, ['times' => 1, 'estimated' => 1]);
        }

        return self::commit($runId, 'through_task', $acted, static function (CoverageRun $run) use ($acts): array {
            CoverageTallies::add($run->acts(), $run, ['day', 'rule'], $acts);

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

    /** @param array<string, array<string, int>> $acts by day and rule */
    private static function act(array &$acts, string $day, CompiledRulebook $rules, CoverageReplay $replay): void
    {
        foreach ($replay->acting as $position) {
            $key = "{$day}\n{$rules->rulebook->rules[$position]->id}";
            self::count($acts, $key, ['times' => 1, 'estimated' => 0]);
        }
    }

    /**
     * @param array<string, array<string, int>> $figures by what is counted
     * @param array<string, int>                $more
     */
    private static function count(array &$figures, string $key, array $more): void
    {
        foreach ($more as $name => $one) {
            $figures[$key][$name] = ($figures[$key][$name] ?? 0) + $one;
        }
    }

    /**
     * @param list<string> $lists paths
     *
     * @return iterable<string> the kind of a task that no rule gives to anybody; and with each of its lists and the
     *     value there
     */
    private static function left(ChangeSet $arrival, array $lists): iterable
    {
        $kind = $arrival->facts->text(Gap::KIND) ?? '';
        yield "{$kind}\n\n";
        foreach ($lists as $path) {
            $value = $arrival->facts->text($path);
            if ($value !== null) {
                yield "{$kind}\n{$path}\n{$value}";
            }
        }
    }
}
