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
                    : self::rule('rush-mark', 'Rush work is marked and pressed', self::is('task.rush', true), null, [
                        ['kind' => 'tag', 'tag' => 'rush'],
                        ['kind' => 'priority', 'priority' => 'urgent'],
                    ]),
                ...DemoEventRules::version($version),
                $version < 2
                    ? null
                    : self::rule(
                        'rush-brass-ensemble',
                        'Rush brass repair for an ensemble',
                        [
                            'all' => [
                                self::is('task.kind', 'rush-repair'),
                                self::is('task.family', 'brass'),
                                self::is('customer.tier', 'ensemble'),
                            ],
                        ],
                        self::give(
                            [
                                'kind' => 'union',
                                'pools' => [
                                    self::team('brass-bench'),
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
                self::rule(
                    'brass-round',
                    'Brass repairs go round the brass bench',
                    [
                        'all' => [
                            [
                                'field' => 'task.kind',
                                'op' => 'one_of',
                                'value' => ['bench-repair', 'rush-repair', 'diagnosis'],
                            ],
                            self::is('task.family', 'brass'),
                        ],
                    ],
                    self::give(
                        self::team('brass-bench'),
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
                self::rule(
                    'quality-round',
                    'Quality checks go round Quality, never to whoever did the repair',
                    self::is('task.kind', 'quality-check'),
                    self::give(
                        [
                            'kind' => 'except',
                            'pool' => self::team('quality'),
                            'without' => ['kind' => 'field', 'field' => 'task.repaired_by'],
                        ],
                        ['kind' => 'round_robin', 'rotation' => 'Quality'],
                    ),
                    [['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'house']],
                ),
                self::rule(
                    'rework-back',
                    'A check sent back goes to whoever did the repair',
                    self::is('task.kind', 'rework'),
                    self::give(['kind' => 'field', 'field' => 'task.repaired_by'], ['kind' => 'same_person']),
                    [
                        ['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'assignee'],
                        ['kind' => 'priority', 'priority' => 'high'],
                    ],
                ),
                ...self::office($version),
            ]),
        );
    }

    /** @return list<array<string, mixed>|null> enquiries, tuning, claims, and what is left */
    private static function office(int $version): array
    {
        return [
            self::language('irish', 'Irish'),
            $version < 2 ? null : self::language('finnish', 'Finnish'),
            self::rule(
                'enquiries-lightest',
                'Other enquiries, quotes and fittings go to the lightest load in Enquiries',
                [
                    'field' => 'task.kind',
                    'op' => 'one_of',
                    'value' => ['call-back', 'quote', 'fitting'],
                ],
                self::give(self::team('enquiries'), ['kind' => 'lightest_load']),
                [['kind' => 'due_in', 'after' => 'PT12H', 'hours_of' => 'house']],
            ),
            self::rule(
                'tuning-district',
                'Tuning visits go to the responsible person of the district',
                self::is('task.kind', 'tuning-visit'),
                self::give(['kind' => 'field', 'field' => 'district.responsible'], ['kind' => 'same_person']),
                [['kind' => 'due_in', 'after' => 'P10D', 'hours_of' => 'house']],
            ),
            self::rule(
                'claims-in-order',
                'Insurer claims: Hugo first, then Sunniva',
                ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['insurer-claim', 'invoice']],
                self::give(
                    ['kind' => 'people', 'people' => ['hugo-lemaire', 'sunniva-aas']],
                    ['kind' => 'in_order'],
                    [['kind' => 'load_ratio_at_most', 'percent' => 60]],
                    ['kind' => 'person', 'person' => 'sunniva-aas'],
                ),
                [['kind' => 'due_in', 'after' => 'P4D', 'hours_of' => 'house']],
            ),
            $version < 3
                ? null
                : self::rule(
                    'islands-rehair',
                    'Bow rehair for the Islands',
                    [
                        'all' => [
                            self::is('task.kind', 'bench-repair'),
                            self::is('customer.region', 'islands'),
                            self::is('task.family', 'strings'),
                            ['field' => 'task.title', 'op' => 'contains', 'value' => 'rehair'],
                        ],
                    ],
                    self::give(
                        ['kind' => 'skill', 'skill' => 'bow-rehair', 'level' => 2],
                        ['kind' => 'round_robin', 'rotation' => 'Bow rehair'],
                    ),
                ),
            self::rule(
                'anything-else',
                'Anything else is open to Enquiries to claim',
                null,
                self::give(self::team('enquiries'), ['kind' => 'open']),
                [['kind' => 'due_in', 'after' => 'P3D', 'hours_of' => 'house']],
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function dear(string $family, string $name): array
    {
        return self::rule(
            "dear-{$family}",
            "{$name} valued over 400: diagnosis by a level 3",
            [
                'all' => [
                    self::is('task.kind', 'diagnosis'),
                    self::is('task.family', $family),
                    ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
                ],
            ],
            self::give(
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
        return self::rule(
            "{$family}-round",
            "{$name} repairs go round their bench",
            [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['bench-repair', 'rush-repair', 'diagnosis']],
                    self::is('task.family', $family),
                ],
            ],
            self::give(self::team("{$family}-bench"), ['kind' => 'round_robin', 'rotation' => "{$name} bench"]),
            [
                ['kind' => 'due_in', 'after' => 'P8D', 'hours_of' => 'house'],
                ['kind' => 'checklist', 'checklist' => 'bench-check'],
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function language(string $language, string $name): array
    {
        return self::rule(
            "enquiries-{$language}",
            "Enquiries in {$name} go round those who speak it",
            [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['call-back', 'quote']],
                    self::is('task.language', $language),
                ],
            ],
            self::give(
                self::team('enquiries'),
                ['kind' => 'round_robin', 'rotation' => "Enquiries in {$name}"],
                [['kind' => 'skill_at_least', 'skill' => $language, 'level' => 2]],
            ),
            [['kind' => 'due_in', 'after' => 'PT12H', 'hours_of' => 'house']],
        );
    }

    /**
     * @param array<string, mixed>|null  $if
     * @param array<string, mixed>|null  $give
     * @param list<array<string, mixed>> $then
     *
     * @return array<string, mixed>
     */
    public static function rule(string $id, string $name, ?array $if, ?array $give, array $then = []): array
    {
        return array_filter(
            [
                'id' => $id,
                'name' => $name,
                'active' => true,
                'when' => [['kind' => 'task_arrives']],
                'if' => $if ?? ['all' => []],
                'give' => $give,
                'then' => $then,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /**
     * @param array<string, mixed>       $pool
     * @param array<string, mixed>       $method
     * @param list<array<string, mixed>> $limits
     * @param array<string, mixed>       $otherwise
     *
     * @return array<string, mixed>
     */
    public static function give(
        array $pool,
        array $method,
        array $limits = [],
        array $otherwise = ['kind' => 'next_rule'],
    ): array {
        return ['pool' => $pool, 'method' => $method, 'limits' => $limits, 'otherwise' => $otherwise];
    }

    /** @return array<string, mixed> */
    public static function team(string $team): array
    {
        return ['kind' => 'team', 'team' => $team, 'with_sub_teams' => false, 'with_lead' => true];
    }

    /** @return array<string, mixed> */
    public static function is(string $field, string|bool $value): array
    {
        return ['field' => $field, 'op' => 'is', 'value' => $value];
    }
}
