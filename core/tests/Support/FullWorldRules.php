<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

/** The rules of the world with every member. */
final class FullWorldRules
{
    private const ARRIVES = [['kind' => 'task_arrives']];

    private const IS_REPAIR = ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'];

    private const WORKSHOP = ['kind' => 'team', 'team' => 'workshop', 'with_sub_teams' => true, 'with_lead' => true];

    /** @return list<array<string, mixed>> */
    public static function document(): array
    {
        return [
            [
                'id' => 'owner',
                'name' => 'Owner',
                'active' => true,
                'when' => self::ARRIVES,
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
                'when' => self::ARRIVES,
                'give' => ['pool' => ['kind' => 'people', 'people' => ['hanneke']], 'method' => ['kind' => 'in_order']],
            ],
            [
                'id' => 'morning',
                'name' => 'Morning',
                'when' => self::ARRIVES,
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
                'when' => self::ARRIVES,
                'if' => ['field' => 'task.value', 'op' => 'at_least', 'value' => 1200.5],
                'then' => [['kind' => 'priority', 'priority' => 'urgent'], ['kind' => 'tag', 'tag' => 'dear']],
            ],
            [
                'id' => 'brass',
                'name' => 'Brass',
                'when' => self::ARRIVES,
                'if' => [
                    'all' => [
                        self::IS_REPAIR,
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
                'when' => self::ARRIVES,
                'if' => self::IS_REPAIR,
                'give' => [
                    'pool' => [
                        'kind' => 'union',
                        'pools' => [
                            self::WORKSHOP,
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
                'when' => self::ARRIVES,
                'give' => [
                    'pool' => [
                        'kind' => 'except',
                        'pool' => self::WORKSHOP,
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
}
