<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

/** A world document with every member that a world may have. */
final class FullWorld
{
    private const WEEK = [
        'mon' => ['09:00-17:00'],
        'tue' => ['09:00-17:00'],
        'wed' => ['09:00-17:00'],
        'thu' => ['09:00-17:00'],
        'fri' => ['09:00-17:00'],
    ];

    private const SHORT_WEEK = [
        'mon' => ['08:00-12:00', '13:00-15:00'],
        'tue' => ['08:00-12:00', '13:00-15:00'],
        'wed' => ['08:00-12:00', '13:00-15:00'],
        'thu' => ['08:00-12:00', '13:00-15:00'],
        'fri' => ['08:00-12:00', '13:00-15:00'],
    ];

    private const LATE_WEEK = [
        'mon' => ['10:00-18:00'],
        'tue' => ['10:00-18:00'],
        'wed' => ['10:00-18:00'],
        'thu' => ['10:00-18:00'],
        'fri' => ['10:00-18:00'],
    ];

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            'openbaton' => 'world/3',
            'clock' => '2026-03-02T09:00:00Z',
            'roster' => self::roster(),
            'rulebook' => ['openbaton' => 'rulebook/2', 'fields' => self::fields(), 'rules' => self::rules()],
            'rotations' => [
                [
                    'name' => 'Brass bench',
                    'virtual_time' => 20_000_000,
                    'passes' => [
                        ['person' => 'femi', 'pass' => 30_000_000],
                        ['person' => 'callum', 'pass' => 21_000_000],
                    ],
                ],
            ],
            'work' => [
                [
                    'id' => 'w1',
                    'assignee' => 'ayumi',
                    'status' => 'working',
                    'priority' => 'high',
                    'created' => '2026-02-20T09:00:00Z',
                    'estimate' => 'PT3H',
                    'spent' => 'PT1H',
                    'due' => '2026-03-03T12:00:00Z',
                ],
                ['id' => 'w2', 'assignee' => 'femi', 'status' => 'waiting', 'estimate' => 'PT2H'],
                [
                    'id' => 'w3',
                    'assignee' => 'femi',
                    'status' => 'in_review',
                    'reviewer' => 'hanneke',
                    'usual_effort' => 'PT1H',
                    'remaining' => 'PT30M',
                ],
                [
                    'id' => 'w4',
                    'assignee' => 'callum',
                    'start' => '2026-03-03T09:00:00Z',
                    'due' => '2026-03-04T17:00:00Z',
                    'estimate' => 'PT1H',
                ],
                ['id' => 'w5', 'usual_effort' => 'PT1H'],
                ['id' => 'w6', 'assignee' => 'ayumi', 'status' => 'done', 'estimate' => 'PT90H'],
                ['id' => 'w7', 'assignee' => 'mirela', 'priority' => 'low', 'usual_effort' => 'PT10H'],
            ],
            'last_assigned' => ['callum' => '2026-02-27T10:00:00Z', 'ayumi' => '2026-02-26T10:00:00Z'],
            'events' => self::events(),
        ];
    }

    /**
     * The same with the ids of people, teams, skills, tasks, rules and events made of digits.
     *
     * @return array{array<string, mixed>, array<string, string>} document, and the id that each stands for
     */
    public static function ofDigits(): array
    {
        $ids = [];
        foreach (
            [
                'ayumi',
                'femi',
                'callum',
                'tobias',
                'oona',
                'greta',
                'hanneke',
                'mirela',
                'nadia',
                'workshop',
                'brass-bench',
                'reed-bench',
                'brass-skill',
                'reeds-skill',
            ]
            as $place => $id
        ) {
            $ids[$id] = (string) ($place + 101);
        }
        foreach (range(1, 10) as $number) {
            $ids["e{$number}"] = (string) (200 + $number);
            $ids["T{$number}"] = '00' . $number;
        }

        return [self::renamed(self::document(), $ids), array_flip($ids)];
    }

    /**
     * @param array<array-key, mixed> $values
     * @param array<array-key, string>   $ids
     *
     * @return array<array-key, mixed> values and keys that are ids, under their new ones
     */
    public static function renamed(array $values, array $ids): array
    {
        $renamed = [];
        foreach ($values as $key => $value) {
            $renamed[$ids[$key] ?? $key] = match (true) {
                is_array($value) => self::renamed($value, $ids),
                is_string($value) => $ids[$value] ?? $value,
                default => $value,
            };
        }

        return $renamed;
    }

    /** @return array<string, mixed> */
    private static function roster(): array
    {
        return [
            'openbaton' => 'roster/1',
            'house' => [
                'zone' => 'Europe/Dublin',
                'hours' => [['from' => '2020-01-01'] + self::WEEK, ['from' => '2026-03-05'] + self::SHORT_WEEK],
                'holidays' => ['2026-03-17'],
                'exceptions' => [['date' => '2026-03-03', 'add' => ['18:00-19:00'], 'remove' => ['09:00-10:00']]],
            ],
            'skills' => [['id' => 'brass-skill', 'name' => 'Brass'], ['id' => 'reeds-skill', 'name' => 'Reeds']],
            'people' => [
                [
                    'id' => 'ayumi',
                    'name' => 'Ayumi Kato',
                    'zone' => 'Europe/London',
                    'capacity' => ['percent' => 100],
                    'skills' => ['brass-skill' => 3],
                    'hours' => [['from' => '2020-01-01'] + self::LATE_WEEK],
                    'holidays' => ['2026-03-03'],
                    'exceptions' => [['date' => '2026-03-04', 'add' => ['19:00-21:00'], 'remove' => ['10:00-12:00']]],
                ],
                [
                    'id' => 'femi',
                    'name' => 'Femi Adeyinka',
                    'capacity' => ['minutes_a_day' => 240],
                    'skills' => ['brass-skill' => 2, 'reeds-skill' => 1],
                    'from' => '2026-01-01',
                    'until' => '2026-06-30',
                ],
                [
                    'id' => 'callum',
                    'name' => 'Callum Rees',
                    'skills' => ['brass-skill' => 3],
                    'intake_paused_until' => '2026-03-02T12:00:00Z',
                ],
                [
                    'id' => 'tobias',
                    'name' => 'Tobias Lindqvist',
                    'skills' => ['reeds-skill' => 2],
                    'intake_paused_until' => 'further_notice',
                ],
                ['id' => 'oona', 'name' => 'Oona Virtanen', 'active' => false],
                ['id' => 'greta', 'name' => 'Greta Sommer', 'skills' => ['brass-skill' => 1], 'until' => '2026-03-02'],
                ['id' => 'hanneke', 'name' => 'Hanneke de Wit', 'active' => true],
                ['id' => 'mirela', 'name' => 'Mirela Popa', 'zone' => 'Europe/Bucharest'],
                ['id' => 'nadia', 'name' => 'Nadia Farouk', 'from' => '2026-03-10'],
            ],
            'teams' => [
                ['id' => 'workshop', 'name' => 'Workshop', 'lead' => 'hanneke', 'members' => []],
                [
                    'id' => 'brass-bench',
                    'name' => 'Brass bench',
                    'parent' => 'workshop',
                    'lead' => 'ayumi',
                    'members' => [
                        ['person' => 'ayumi'],
                        ['person' => 'femi', 'weight' => 50],
                        ['person' => 'callum', 'weight' => 100],
                        ['person' => 'greta'],
                    ],
                ],
                [
                    'id' => 'reed-bench',
                    'name' => 'Reed bench',
                    'parent' => 'workshop',
                    'members' => [['person' => 'tobias'], ['person' => 'mirela'], ['person' => 'nadia']],
                ],
            ],
            'absences' => [
                [
                    'id' => 'a1',
                    'person' => 'femi',
                    'first' => '2026-03-04',
                    'last' => '2026-03-05',
                    'status' => 'approved',
                    'substitutes' => ['tobias', 'callum'],
                ],
                [
                    'id' => 'a2',
                    'person' => 'ayumi',
                    'from' => '2026-03-02T14:00:00Z',
                    'to' => '2026-03-02T16:00:00Z',
                    'status' => 'approved',
                ],
                [
                    'id' => 'a3',
                    'person' => 'mirela',
                    'first' => '2026-03-02',
                    'last' => '2026-03-06',
                    'status' => 'asked',
                ],
                [
                    'id' => 'a4',
                    'person' => 'femi',
                    'first' => '2026-03-02',
                    'last' => '2026-03-03',
                    'status' => 'cancelled',
                    'substitutes' => [],
                ],
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function fields(): array
    {
        return [
            [
                'path' => 'task.kind',
                'label' => 'Kind',
                'type' => 'one_of',
                'options' => [['value' => 'repair', 'label' => 'Repair'], ['value' => 'quote', 'label' => 'Quote']],
            ],
            ['path' => 'task.value', 'label' => 'Value', 'type' => 'money'],
            ['path' => 'task.rush', 'label' => 'Rush', 'type' => 'yes_no'],
            ['path' => 'task.tags', 'label' => 'Tags', 'type' => 'tags'],
            [
                'path' => 'task.parts',
                'label' => 'Parts',
                'type' => 'many_of',
                'options' => [['value' => 'valve', 'label' => 'Valve'], ['value' => 'pad', 'label' => 'Pad']],
            ],
            ['path' => 'case.owner', 'label' => 'Owner of the case', 'type' => 'person'],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function rules(): array
    {
        $arrives = [['kind' => 'task_arrives']];
        $isRepair = ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'];
        $workshop = ['kind' => 'team', 'team' => 'workshop', 'with_sub_teams' => true, 'with_lead' => true];

        return [
            [
                'id' => 'owner',
                'name' => 'Owner',
                'active' => true,
                'when' => $arrives,
                'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                'give' => [
                    'pool' => ['kind' => 'field', 'field' => 'case.owner'],
                    'method' => ['kind' => 'same_person'],
                    'otherwise' => ['kind' => 'person', 'person' => 'hanneke'],
                ],
                'then' => [['kind' => 'tag', 'tag' => 'quoted'], ['kind' => 'priority', 'priority' => 'high']],
            ],
            [
                'id' => 'off',
                'name' => 'Off',
                'active' => false,
                'when' => $arrives,
                'give' => ['pool' => ['kind' => 'people', 'people' => ['hanneke']], 'method' => ['kind' => 'in_order']],
            ],
            [
                'id' => 'morning',
                'name' => 'Morning',
                'when' => $arrives,
                'valid_from' => '2026-03-02T10:00:00Z',
                'valid_until' => '2026-03-02T11:00:00Z',
                'give' => [
                    'pool' => ['kind' => 'people', 'people' => ['callum', 'ayumi']],
                    'method' => ['kind' => 'in_order'],
                    'otherwise' => ['kind' => 'unplaced'],
                ],
            ],
            [
                'id' => 'dear',
                'name' => 'Dear',
                'when' => $arrives,
                'if' => ['field' => 'task.value', 'op' => 'at_least', 'value' => 1200.5],
                'then' => [['kind' => 'priority', 'priority' => 'urgent'], ['kind' => 'tag', 'tag' => 'dear']],
            ],
            [
                'id' => 'brass',
                'name' => 'Brass',
                'when' => $arrives,
                'if' => [
                    'all' => [
                        $isRepair,
                        [
                            'any' => [
                                ['field' => 'task.tags', 'op' => 'matches_any', 'value' => ['brass']],
                                ['field' => 'task.parts', 'op' => 'matches_all', 'value' => ['valve']],
                            ],
                        ],
                        ['none' => [['field' => 'task.rush', 'op' => 'is', 'value' => true]]],
                    ],
                ],
                'give' => [
                    'pool' => ['kind' => 'team', 'team' => 'brass-bench', 'with_lead' => false],
                    'method' => ['kind' => 'round_robin', 'rotation' => ' Brass bench '],
                    'limits' => [
                        ['kind' => 'skill_at_least', 'skill' => 'brass-skill', 'level' => 2],
                        ['kind' => 'open_tasks_at_most', 'tasks' => 2, 'count_waiting' => true],
                        ['kind' => 'load_ratio_at_most', 'percent' => 500],
                    ],
                    'otherwise' => ['kind' => 'next_rule'],
                ],
                'then' => [['kind' => 'due_in', 'after' => 'PT9H', 'hours_of' => 'house']],
            ],
            [
                'id' => 'reeds',
                'name' => 'Reeds',
                'when' => $arrives,
                'if' => $isRepair,
                'give' => [
                    'pool' => [
                        'kind' => 'union',
                        'pools' => [
                            $workshop,
                            [
                                'kind' => 'except',
                                'pool' => ['kind' => 'skill', 'skill' => 'reeds-skill', 'level' => 1],
                                'without' => ['kind' => 'people', 'people' => ['tobias']],
                            ],
                        ],
                    ],
                    'method' => ['kind' => 'lightest_load'],
                    'limits' => [['kind' => 'load_ratio_at_most', 'percent' => 100]],
                    'otherwise' => ['kind' => 'open_to_team', 'team' => 'reed-bench'],
                ],
                'then' => [['kind' => 'due_in', 'after' => 'PT24H', 'hours_of' => 'assignee']],
            ],
            [
                'id' => 'rest',
                'name' => 'Rest',
                'when' => $arrives,
                'give' => [
                    'pool' => [
                        'kind' => 'except',
                        'pool' => $workshop,
                        'without' => ['kind' => 'field', 'field' => 'case.owner'],
                    ],
                    'method' => ['kind' => 'open'],
                    'limits' => [],
                    'otherwise' => ['kind' => 'unplaced'],
                ],
                'then' => [['kind' => 'due_in', 'after' => 'PT2H']],
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function events(): array
    {
        $event = static fn(int $number, string $at, array $facts, array $task = ['estimate' => 'PT1H']): array => [
            'id' => "e{$number}",
            'kind' => 'task_arrives',
            'at' => $at,
            'task' => ['id' => "T{$number}"] + $task + ['facts' => $facts],
        ];

        return [
            [
                'id' => 'e1',
                'kind' => 'task_arrives',
                'task' => [
                    'id' => 'T1',
                    'priority' => 'low',
                    'start' => '2026-03-02T10:00:00Z',
                    'due' => '2026-03-06T12:00:00Z',
                    'usual_effort' => 'PT9H',
                    'estimate' => 'PT2H',
                    'spent' => 'PT15M',
                    'remaining' => 'PT1H',
                    'facts' => ['task.kind' => 'quote', 'case.owner' => 'femi', 'task.value' => null],
                ],
            ],
            $event(2, '2026-03-02T09:30:00Z', [
                'task.kind' => 'repair',
                'task.tags' => ['brass'],
                'task.value' => 1200.5,
            ]),
            $event(3, '2026-03-02T10:00:00Z', ['task.rush' => false]),
            $event(4, '2026-03-02T11:00:00Z', ['case.owner' => 'mirela']),
            $event(5, '2026-03-02T12:00:00Z', ['task.kind' => 'repair', 'task.parts' => ['pad', 'valve']]),
            $event(6, '2026-03-04T09:00:00Z', ['task.kind' => 'quote', 'case.owner' => 'femi']),
            $event(7, '2026-03-04T09:00:00Z', ['task.kind' => 'quote', 'case.owner' => 'oona']),
            $event(
                8,
                '2026-03-04T09:00:00Z',
                ['task.kind' => 'repair', 'task.tags' => ['brass'], 'task.rush' => true],
                ['estimate' => 'PT60H'],
            ),
            $event(9, '2026-03-16T14:00:00Z', ['case.owner' => 'tobias']),
            $event(10, '2026-07-01T09:00:00Z', ['task.kind' => 'quote', 'case.owner' => 'femi']),
        ];
    }
}
