<?php

declare(strict_types=1);

require_once __DIR__ . '/PlantedFunctions.php';

it('finds a fault of limits, follow-ups, groups and of what is left, at its words, and no other', function (
    array $planted,
    array $expected,
): void {
    expect(foundWith($planted))->toBe($expected);
})->with(static function (): array {
    [$isRepair, $value, $dear, $brass, $then, $arrives, $tag] = plantedWords();

    return [
        'a load that one task is beyond' => [
            [
                'repairs' => plantedRule('repairs', $isRepair, [
                    'limits' => [['kind' => 'load_ratio_at_most', 'percent' => 10]],
                ]),
            ],
            [
                [
                    'cannot_be_met',
                    'likely',
                    'repairs',
                    [],
                    ['/give/limits/0'],
                    [
                        'why' => 'load',
                        'limit' => 'load_ratio_at_most',
                    ],
                ],
            ],
        ],
        'a due date that comes after the choice' => [
            [
                'repairs' => plantedRule(
                    'repairs',
                    $isRepair,
                    ['limits' => [['kind' => 'on_now'], ['kind' => 'finish_before_due']]],
                    ['then' => [['kind' => 'due_in', 'after' => 'P2D']]],
                ),
            ],
            [
                [
                    'cannot_be_met',
                    'likely',
                    'repairs',
                    [],
                    ['/give/limits/1'],
                    [
                        'why' => 'due',
                        'limit' => 'finish_before_due',
                    ],
                ],
            ],
        ],
        'a rule that makes work for itself' => [
            [
                'repairs' => plantedRule(
                    'repairs',
                    $isRepair,
                    [],
                    [
                        'then' => [
                            [
                                'kind' => 'create_task',
                                'task_kind' => 'repair',
                                'title' => 'Once more',
                            ],
                        ],
                    ],
                ),
            ],
            [['circle', 'certain', 'repairs', [], ['/then/0'], []]],
        ],
        'two rules that undo each other' => [
            [
                'on' => $then('on', ['kind' => 'tag_on', 'tags' => ['hold']], ['all' => []], $tag('tag_off', 'Hold ')),
                'off' => $then('off', ['kind' => 'tag_off', 'tags' => ['HOLD']], ['all' => []], $tag('tag', 'hold')),
            ],
            [['circle', 'likely', 'on', ['off'], ['/then/0'], []]],
        ],
        'a follow-up that the next undoes' => [
            [
                'x' => $then(
                    'x',
                    $arrives,
                    $isRepair,
                    ['kind' => 'priority', 'priority' => 'high'],
                    $tag('tag', 'vip'),
                    ['kind' => 'priority', 'priority' => 'low'],
                ),
            ],
            [['cancelled_out', 'certain', 'x', [], ['/then/0', '/then/2'], []]],
        ],
        'a follow-up that a rule below undoes' => [
            [
                'x' => $then('x', $arrives, $dear, $tag('tag', 'vip'), ['kind' => 'priority', 'priority' => 'high']),
                'y' => $then('y', $arrives, $isRepair, ['kind' => 'priority', 'priority' => 'low']),
            ],
            [['cancelled_out', 'certain', 'x', ['y'], ['/then/1'], []]],
        ],
        'not this or not that' => [
            [
                'x' => $then(
                    'x',
                    $arrives,
                    [
                        'all' => [
                            ['field' => 'task.value', 'op' => 'is_filled'],
                            [
                                'any' => [
                                    ['field' => 'task.kind', 'op' => 'is_not', 'value' => 'repair'],
                                    ['field' => 'task.kind', 'op' => 'is_not', 'value' => 'quote'],
                                ],
                            ],
                        ],
                    ],
                    $tag('tag', 'vip'),
                ),
            ],
            [['any_for_all', 'likely', 'x', [], ['/if/all/1'], ['how' => 'always']]],
        ],
        'one part that holds for all of the others' => [
            [
                'x' => $then(
                    'x',
                    $arrives,
                    ['any' => [['all' => [$isRepair, $value('more_than', 400)]], $isRepair]],
                    $tag('tag', 'vip'),
                ),
            ],
            [['any_for_all', 'likely', 'x', [], ['/if'], ['how' => 'one']]],
        ],
        'a kind that nobody gets' => [['tunings' => null], [['gap', 'note', null, [], [], ['kind' => 'tuning']]]],
        'a status for which a kind has no rule' => [
            [
                'tunings' => plantedRule('tunings', [
                    'all' => [
                        ['field' => 'task.kind', 'op' => 'is', 'value' => 'tuning'],
                        [
                            'field' => 'task.status',
                            'op' => 'one_of',
                            'value' => ['new', 'working', 'waiting', 'in_review'],
                        ],
                    ],
                ]),
            ],
            [
                [
                    'gap',
                    'note',
                    null,
                    [],
                    [],
                    [
                        'kind' => 'tuning',
                        'field' => 'task.status',
                        'values' => "done\ndropped",
                        'count' => 2,
                    ],
                ],
            ],
        ],
    ];
});

it('does not take what was before for impossible: a task that is tried again was as it is', function (
    string $op,
): void {
    $value = $op === 'changed' ? [] : ['value' => $op === 'was' ? 'tuning' : ['tuning', 'tuning']];
    $rule = plantedRule('x', ['field' => 'task.kind', 'op' => $op] + $value);
    expect(foundIn([$rule, ...array_values(soundRules())]))->toBe([]);
})->with(['was', 'changed', 'changed_from_to']);
