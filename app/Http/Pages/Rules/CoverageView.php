<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Coverage\RecordedArrivals;
use App\Database\Row;
use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use Illuminate\Support\Collection;
use stdClass;

/**
 * What rules take of the recent work, as far as it is worked out, and what differs between a draft and the rules in
 * force. Its types are in RulebookPage.ts.
 */
final class CoverageView
{
    /** @return array<string, mixed> */
    public static function of(CoverageRun $run): array
    {
        $counts = $run
            ->counts()
            ->where('day', '>=', RecordedArrivals::since()->format('Y-m-d'))
            ->toBase()
            ->get(['rule', 'rule_before', 'tasks'])
            ->map(static fn(stdClass $row): Row => new Row($row));
        $taken = self::sums($counts, 'rule');
        $acts = self::acts($run);

        return [
            'done' => $run->done,
            'total' => $run->total,
            'finished' => $run->finished_at !== null,
            'strip' => [
                'total' => array_sum($taken),
                'taken' => (object) array_diff_key($taken, ['' => true]),
                'left' => $taken[''] ?? 0,
                'acts' => (object) self::sums($acts, 'rule', 'times'),
                'estimated' => array_map(strval(...), array_keys(array_filter(self::sums($acts, 'rule', 'estimated')))),
            ],
            'changes' => $run->revision === 0 ? null : self::changes($run, $counts),
        ];
    }

    /** @return Collection<int, Row> how often a rule acts on anything that happened, by day and rule */
    private static function acts(CoverageRun $run): Collection
    {
        return $run
            ->acts()
            ->where('day', '>=', RecordedArrivals::since()->format('Y-m-d'))
            ->toBase()
            ->get(['rule', 'times', 'estimated'])
            ->map(static fn(stdClass $row): Row => new Row($row));
    }

    /**
     * @param Collection<int, Row> $counts
     *
     * @return array<array-key, int> by rule
     */
    private static function sums(Collection $counts, string $by, string $figure = 'tasks'): array
    {
        $sums = [];
        foreach ($counts as $count) {
            $rule = $count->text($by);
            $sums[$rule] = ($sums[$rule] ?? 0) + $count->int($figure);
        }

        return $sums;
    }

    /**
     * @param Collection<int, Row> $counts
     *
     * @return array<string, mixed>
     */
    private static function changes(CoverageRun $run, Collection $counts): array
    {
        $before = self::names($run->against);
        $after = self::names($run->version);
        $moves = [];
        foreach ($counts as $count) {
            [$from, $to] = [$count->text('rule_before'), $count->text('rule')];
            if ($from !== $to) {
                $moves["{$from}\n{$to}"] ??= [
                    'from' => $before[$from] ?? null,
                    'to' => $after[$to] ?? null,
                    'count' => 0,
                ];
                $moves["{$from}\n{$to}"]['count'] += $count->int('tasks');
            }
        }
        usort($moves, static fn(array $a, array $b): int => $b['count'] <=> $a['count']);

        return [
            'count' => array_sum(array_column($moves, 'count')),
            'moves' => $moves,
            'examples' => self::examples($run),
        ];
    }

    /** @return array<array-key, string> name by id */
    private static function names(?RulebookVersion $version): array
    {
        $names = [];
        foreach ($version->rules ?? [] as $rule) {
            if (is_array($rule) && is_string($rule['id'] ?? null)) {
                $names[$rule['id']] = is_string($rule['name'] ?? null) ? $rule['name'] : '';
            }
        }

        return $names;
    }

    /** @return list<array{taskId: string, number: int, title: string}> */
    private static function examples(CoverageRun $run): array
    {
        $ids = array_column((array) $run->examples, 'task');

        return array_values(
            Task::query()
                ->whereKey($ids)
                ->latest('number')
                ->get(['id', 'number', 'title'])
                ->map(
                    static fn(Task $task): array => [
                        'taskId' => $task->id,
                        'number' => (int) $task->number,
                        'title' => $task->title,
                    ],
                )
                ->all(),
        );
    }
}
