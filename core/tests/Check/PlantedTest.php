<?php

declare(strict_types=1);

require_once __DIR__ . '/PlantedFunctions.php';

it('finds nothing in rules that are in order', function (): void {
    expect(foundIn(soundRules()))->toBe([]);
});

it('finds a fault that is planted, at its words, and no other', function (array $planted, array $expected): void {
    expect(foundWith($planted))->toBe($expected);
})->with(static function (): array {
    [$isRepair, $value, $dear, $brass, $then, $arrives, $tag] = plantedWords();
    $isTuning = ['field' => 'task.kind', 'op' => 'is', 'value' => 'tuning'];

    return [
        'two kinds at once' => [
            [
                'x' => plantedRule('x', [
                    'all' => [
                        $isRepair,
                        $value('more_than', 1),
                        ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['quote', 'tuning']],
                    ],
                ]),
            ],
            [['never_holds', 'certain', 'x', [], ['/if/all/0', '/if/all/2'], []]],
        ],
        'an empty range, in cents' => [
            ['x' => plantedRule('x', ['all' => [$value('more_than', 10.5), $value('less_than', 10.51)]])],
            [['never_holds', 'certain', 'x', [], ['/if/all/0', '/if/all/1'], []]],
        ],
        'any of nothing' => [
            ['x' => plantedRule('x', ['all' => [$isRepair, ['any' => []]]])],
            [['never_holds', 'certain', 'x', [], ['/if/all/1'], []]],
        ],
        'what a task has become when it arrives' => [
            [
                'x' => plantedRule('x', [
                    'all' => [
                        [
                            'field' => 'task.kind',
                            'op' => 'changed_from_to',
                            'value' => ['quote', 'repair'],
                        ],
                    ],
                ]),
            ],
            [['never_holds', 'certain', 'x', [], ['/if/all/0'], []]],
        ],
        'a status that nothing leads to' => [
            [
                'x' => $then(
                    'x',
                    ['kind' => 'status_becomes', 'statuses' => ['new', 'in_review'], 'from' => ['done']],
                    ['all' => []],
                    $tag('tag', 'again'),
                ),
            ],
            [['never_happens', 'certain', 'x', [], ['/when/0'], []]],
        ],
        'one that comes too late' => [
            [
                'repairs' => plantedRule('repairs', $isRepair, ['otherwise' => ['kind' => 'unplaced']]),
                'dear' => plantedRule('dear', $dear, $brass),
            ],
            [['hidden', 'certain', 'dear', ['repairs'], ['/if'], []]],
        ],
        'one that two above take together' => [
            [
                'repairs' => plantedRule('repairs', $dear, ['otherwise' => ['kind' => 'unplaced']]),
                'cheap' => plantedRule(
                    'cheap',
                    ['all' => [$isRepair, ['none' => [$value('more_than', 400)]]]],
                    ['otherwise' => ['kind' => 'person', 'person' => 'ayumi']],
                ),
                'late' => plantedRule(
                    'late',
                    ['all' => [$isRepair, ['field' => 'task.rush', 'op' => 'is_filled']]],
                    $brass,
                ),
            ],
            [['hidden', 'certain', 'late', ['repairs', 'cheap'], ['/if'], []]],
        ],
        'one below a rule that is asked again after it has acted' => [
            [
                'review' => plantedRule(
                    'review',
                    ['all' => []],
                    [
                        'seat' => 'reviewer',
                        'otherwise' => ['kind' => 'unplaced'],
                    ],
                    ['when' => [['kind' => 'status_becomes', 'statuses' => ['in_review', 'done']]], 'then' => []],
                ),
                'late' => plantedRule('late', $isRepair, ['seat' => 'reviewer'] + $brass, [
                    'when' => [['kind' => 'status_becomes', 'statuses' => ['in_review']]],
                ]),
                'sends' => $then(
                    'sends',
                    ['kind' => 'tag_on', 'tags' => ['check']],
                    ['all' => []],
                    [
                        'kind' => 'status',
                        'status' => 'in_review',
                    ],
                ),
            ],
            [['hidden', 'likely', 'late', ['review'], ['/if'], []]],
        ],
        'the same as another' => [
            ['x' => plantedRule('x', ['none' => [['field' => 'task.kind', 'op' => 'is_not', 'value' => 'repair']]])],
            [
                ['same_twice', 'certain', 'x', ['repairs'], ['/if', '/give'], ['alike' => 'true']],
                ['only_if_nobody_is_free', 'note', 'x', ['repairs'], ['/if'], []],
            ],
        ],
        'the same, but to somebody else' => [
            ['x' => plantedRule('x', $isTuning, $brass)],
            [
                ['hidden', 'certain', 'x', ['tunings'], ['/if'], []],
                ['same_twice', 'likely', 'x', ['tunings'], ['/if', '/give'], ['alike' => 'false']],
            ],
        ],
        'a team without anybody' => [
            [
                'tunings' => plantedRule('tunings', $isTuning, [
                    'pool' => [
                        'kind' => 'intersection',
                        'pools' => [['kind' => 'team', 'team' => 'brass'], ['kind' => 'skill', 'skill' => 'strings']],
                    ],
                ]),
            ],
            [['nobody', 'certain', 'tunings', [], ['/give/pool'], ['why' => 'empty']]],
        ],
        'somebody who is no longer active' => [
            [
                'tunings' => plantedRule('tunings', $isTuning, [
                    'pool' => ['kind' => 'people', 'people' => ['greta']],
                ]),
            ],
            [['nobody', 'certain', 'tunings', [], ['/give/pool'], ['why' => 'inactive']]],
        ],
        'nobody with the skill' => [
            [
                'tunings' => plantedRule('tunings', $isTuning, [
                    'limits' => [['kind' => 'skill_at_least', 'skill' => 'strings', 'level' => 1]],
                ]),
            ],
            [['nobody', 'certain', 'tunings', [], ['/give/pool', '/give/limits'], ['why' => 'skill']]],
        ],
        'one with the skill' => [
            [
                'tunings' => plantedRule('tunings', $isTuning, [
                    'pool' => ['kind' => 'people', 'people' => ['femi', 'ayumi', 'greta']],
                    'limits' => [['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 3]],
                ]),
            ],
            [
                [
                    'one_person',
                    'certain',
                    'tunings',
                    [],
                    ['/give/pool', '/give/limits'],
                    ['person' => 'ayumi', 'why' => 'skill'],
                ],
            ],
        ],
        'one person whom nobody covers' => [
            [
                'tunings' => plantedRule('tunings', $isTuning, [
                    'pool' => ['kind' => 'people', 'people' => ['tobias']],
                    'method' => ['kind' => 'same_person'],
                ]),
            ],
            [['one_person', 'certain', 'tunings', [], ['/give/pool'], ['person' => 'tobias', 'why' => 'pool']]],
        ],
    ];
});

it('takes rules that are paused, over or of another seat for no shadow', function (array $above, array $more): void {
    $isRepair = ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'];
    $rules = [
        plantedRule('above', $isRepair, $above + ['otherwise' => ['kind' => 'unplaced']], $more),
        plantedRule('x', $isRepair, ['method' => ['kind' => 'lightest_load']]),
    ];
    expect(array_column(foundIn($rules), 0))->not->toContain('hidden');
})->with([
    'paused' => [[], ['active' => false]],
    'over' => [[], ['valid_until' => '2026-03-01T00:00:00Z']],
    'not yet' => [[], ['valid_from' => '2026-03-09T00:00:00Z']],
    'some day over' => [[], ['valid_until' => '2027-01-01T00:00:00Z']],
    'of the other seat' => [['seat' => 'reviewer'], []],
    'that waits for something else' => [[], ['when' => [['kind' => 'dropped']]]],
    'that leaves it to the next' => [['otherwise' => ['kind' => 'next_rule']], []],
]);

it('does not examine what is too much nested, and says so', function (): void {
    $any = static fn(int $at): array => [
        'any' => array_map(
            static fn(string $tag): array => [
                'field' => 'task.tags',
                'op' => 'matches_any',
                'value' => ["{$tag}{$at}"],
            ],
            range('a', 'j'),
        ),
    ];
    $rule = plantedRule('x', ['all' => array_map($any, range(1, 5))]);
    expect(array_column(foundIn([...array_values(soundRules()), $rule]), 0))->toBe(['not_examined']);
});
