<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** The rulebook of Alder & Quill, as it grew over three versions. */
final class DemoRules
{
    private const BENCHES = ['woodwind' => 'Woodwind', 'strings' => 'Strings', 'keys' => 'Keys and electronics'];

    /**
     * @param int $version 1 to 3
     *
     * @return list<array<string, mixed>>
     */
    public static function version(int $version): array
    {
        return array_values(
            array_filter([
                $version < 3
                    ? null
                    : DemoRule::rule(
                        'rush-mark',
                        'Rush work is marked and pressed',
                        DemoRule::is('task.rush', true),
                        null,
                        [['kind' => 'tag', 'tag' => 'rush'], ['kind' => 'priority', 'priority' => 'urgent']],
                    ),
                ...DemoEventRules::version($version),
                ...DemoCaseRules::rules(),
                ...$version < 3 ? [] : DemoCustomerRules::rules(),
                $version < 2
                    ? null
                    : DemoRule::rule(
                        'rush-brass-ensemble',
                        'Rush brass repair for an ensemble',
                        [
                            'all' => [
                                DemoRule::is('task.kind', 'rush-repair'),
                                DemoRule::is('task.family', 'brass'),
                                DemoRule::is('customer.tier', 'ensemble'),
                            ],
                        ],
                        DemoRule::give(
                            [
                                'kind' => 'union',
                                'pools' => [
                                    DemoRule::team('brass-bench'),
                                    ['kind' => 'people', 'people' => ['tobias-lindqvist']],
                                ],
                            ],
                            ['kind' => 'lightest_load'],
                            [
                                ['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 2],
                                ['kind' => 'load_ratio_at_most', 'percent' => 100],
                            ],
                        ),
                        [['kind' => 'due_in', 'after' => 'PT8H', 'hours_of' => 'house']],
                    ),
                self::dear('brass', 'Brass'),
                self::dear('strings', 'Strings'),
                DemoRule::rule(
                    'brass-round',
                    'Brass repairs go round the brass bench',
                    [
                        'all' => [
                            [
                                'field' => 'task.kind',
                                'op' => 'one_of',
                                'value' => ['bench-repair', 'rush-repair', 'diagnosis'],
                            ],
                            DemoRule::is('task.family', 'brass'),
                        ],
                    ],
                    DemoRule::give(
                        DemoRule::team('brass-bench'),
                        ['kind' => 'round_robin', 'rotation' => 'Brass bench'],
                        [['kind' => 'open_tasks_at_most', 'tasks' => 9]],
                        ['kind' => 'unplaced'],
                    ),
                    [
                        ['kind' => 'due_in', 'after' => 'P8D', 'hours_of' => 'house'],
                        ['kind' => 'checklist', 'checklist' => 'bench-check'],
                    ],
                ),
                ...array_map(self::bench(...), array_keys(self::BENCHES), array_values(self::BENCHES)),
                DemoRule::rule(
                    'quality-round',
                    'Quality checks go round Quality, never to whoever did the repair',
                    DemoRule::is('task.kind', 'quality-check'),
                    DemoRule::give(
                        [
                            'kind' => 'except',
                            'pool' => DemoRule::team('quality'),
                            'without' => ['kind' => 'field', 'field' => 'task.repaired_by'],
                        ],
                        ['kind' => 'round_robin', 'rotation' => 'Quality'],
                    ),
                    [['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'house']],
                ),
                DemoRule::rule(
                    'rework-back',
                    'A check sent back goes to whoever did the repair',
                    DemoRule::is('task.kind', 'rework'),
                    DemoRule::give(['kind' => 'field', 'field' => 'task.repaired_by'], ['kind' => 'same_person']),
                    [
                        ['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'assignee'],
                        ['kind' => 'priority', 'priority' => 'high'],
                    ],
                ),
                ...DemoOfficeRules::version($version),
                ...DemoMessageRules::version($version),
            ]),
        );
    }

    /** @return array<string, mixed> */
    private static function dear(string $family, string $name): array
    {
        return DemoRule::rule(
            "dear-{$family}",
            "{$name} valued over 400: diagnosis by a level 3",
            [
                'all' => [
                    DemoRule::is('task.kind', 'diagnosis'),
                    DemoRule::is('task.family', $family),
                    ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
                ],
            ],
            DemoRule::give(
                ['kind' => 'skill', 'skill' => $family, 'level' => 3],
                ['kind' => 'lightest_load'],
                [['kind' => 'load_ratio_at_most', 'percent' => 110]],
            ),
            [
                ['kind' => 'due_in', 'after' => 'P1D', 'hours_of' => 'house'],
                ['kind' => 'priority', 'priority' => 'high'],
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function bench(string $family, string $name): array
    {
        return DemoRule::rule(
            "{$family}-round",
            "{$name} repairs go round their bench",
            [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['bench-repair', 'rush-repair', 'diagnosis']],
                    DemoRule::is('task.family', $family),
                ],
            ],
            DemoRule::give(DemoRule::team("{$family}-bench"), ['kind' => 'round_robin', 'rotation' => "{$name} bench"]),
            [
                ['kind' => 'due_in', 'after' => 'P8D', 'hours_of' => 'house'],
                ['kind' => 'checklist', 'checklist' => 'bench-check'],
            ],
        );
    }
}
