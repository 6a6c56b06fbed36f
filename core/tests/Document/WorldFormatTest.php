<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;

/** @return array<string, mixed> */
function example(): array
{
    return json_decode(
        (string) file_get_contents(__DIR__ . '/../../../docs/examples/brass-repair.world.json'),
        true,
        64,
        JSON_THROW_ON_ERROR,
    );
}

/** @return list<array<string, mixed>> */
function decideWorld(mixed $document): array
{
    return array_map(
        DecisionFormat::write(...),
        iterator_to_array(WorldFormat::read(Node::root($document))->decisions()),
    );
}

it('decides the example as worked out by hand', function (): void {
    $decisions = decideWorld(example());
    // Callum is away. Ayumi's pass is 5·10^6, Femi's at half weight 10^7; after one turn Ayumi's is 15·10^6.
    expect(array_column($decisions, 'assignee'))
        ->toBe(['ayumi-kato', 'femi-adeyinka', 'tobias-lindqvist', null])
        ->and(array_column($decisions, 'outcome'))
        ->toBe(['assigned', 'assigned', 'assigned', 'unplaced'])
        ->and($decisions[0]['effects'])
        ->toBe([
            [
                'rule' => 'brass-round',
                'name' => $decisions[0]['effects'][0]['name'],
                'effect' => 'due_set',
                'due' => '2026-03-05T17:00:00Z',
            ],
        ])
        ->and($decisions[2]['verdicts'][0]['cover']['for'])
        ->toBe('callum-rees')
        ->and($decisions[3]['verdicts'][1]['failed'])
        ->toBe([
            'pointer' => '/all/1',
            'comparison' => ['field' => 'task.family', 'op' => 'is', 'value' => 'brass'],
            'seen' => 'strings',
            'negated' => false,
        ]);
});

it('carries load along: the limit of open tasks counts what came before', function (): void {
    $world = example();
    $world['rulebook']['rules'][1]['give']['limits'] = [['kind' => 'open_tasks_at_most', 'tasks' => 1]];
    // Femi has one task already, Ayumi gets the first repair; then nobody has room.
    expect(array_column(decideWorld($world), 'outcome'))->toBe(['assigned', 'unplaced', 'assigned', 'unplaced']);
});

it('starts from the passes and the work it is given', function (): void {
    $world = example();
    $world['rotations'] = [
        [
            'name' => 'Brass bench',
            'virtual_time' => 0,
            'passes' => [['person' => 'ayumi-kato', 'pass' => 99_000_000], ['person' => 'femi-adeyinka', 'pass' => 3]],
        ],
    ];
    expect(decideWorld($world)[0]['assignee'])->toBe('femi-adeyinka');
});

it('says what is wrong and where', function (Closure $spoil, string $pointer, string $reason): void {
    $world = example();
    $spoil($world);
    try {
        WorldFormat::read(Node::root($world));
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer)->and($error->faults[0]->reason)->toContain($reason);
    }
})->with([
    'no clock' => [
        function (array &$w): void {
            unset($w['clock']);
        },
        '',
        '"clock" is missing',
    ],
    'another format' => [
        function (array &$w): void {
            $w['openbaton'] = 'world/9';
        },
        '/openbaton',
        'world/1',
    ],
    'no moment' => [
        function (array &$w): void {
            $w['clock'] = '2026-03-02';
        },
        '/clock',
        'not a moment',
    ],
    'no such moment' => [
        function (array &$w): void {
            $w['clock'] = '2026-02-30T09:00:00Z';
        },
        '/clock',
        'no such moment',
    ],
    'hours upside down' => [
        function (array &$w): void {
            $w['roster']['house']['hours'][0]['mon'] = ['9-5'];
        },
        '/roster/house/hours/0/mon/0',
        '09:00-17:30',
    ],
    'an unknown skill' => [
        function (array &$w): void {
            $w['roster']['people'][0]['skills'] = ['kazoo' => 1];
        },
        '/roster/people/0/skills/kazoo',
        'no skill',
    ],
    'a level of 4' => [
        function (array &$w): void {
            $w['roster']['people'][0]['skills'] = ['brass' => 4];
        },
        '/roster/people/0/skills/brass',
        'from 1 to 3',
    ],
    'a stranger as substitute' => [
        function (array &$w): void {
            $w['roster']['absences'][0]['substitutes'] = ['nobody'];
        },
        '/roster/absences/0/substitutes/0',
        'no person "nobody"',
    ],
    'a stranger as lead' => [
        function (array &$w): void {
            $w['roster']['teams'][0]['lead'] = 'nobody';
        },
        '/roster/teams/0/lead',
        'no person',
    ],
    'an absence backwards' => [
        function (array &$w): void {
            $w['roster']['absences'][0]['last'] = '2026-03-01';
        },
        '/roster/absences/0',
        'not end before it begins',
    ],
    'the same person twice in a team' => [
        function (array &$w): void {
            $w['roster']['teams'][0]['members'][1]['person'] = 'ayumi-kato';
        },
        '/roster/teams/0/members/1/person',
        'in this team already',
    ],
    'a rule that does nothing' => [
        function (array &$w): void {
            unset($w['rulebook']['rules'][0]['give']);
        },
        '/rulebook/rules/0',
        'neither',
    ],
    'an unknown method' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['give']['method']['kind'] = 'dice';
        },
        '/rulebook/rules/1/give/method/kind',
        'round_robin, lightest_load',
    ],
    'an unknown team' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['give']['pool']['team'] = 'choir';
        },
        '/rulebook/rules/1/give/pool/team',
        'no team "choir"',
    ],
    'same person of many' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['give']['method'] = ['kind' => 'same_person'];
        },
        '/rulebook/rules/1/give/method',
        'names one person',
    ],
    'a way to be due that is no more' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['then'][0]['working_time'] = 'PT1H';
        },
        '/rulebook/rules/1/then/0/working_time',
        'no such member',
    ],
    'a rule twice' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['id'] = 'owner-keeps';
        },
        '/rulebook/rules/1/id',
        'another rule',
    ],
    'a fact on no list' => [
        function (array &$w): void {
            $w['events'][0]['task']['facts']['task.family'] = 'kazoo';
        },
        '/events/0/task/facts/task.family',
        'its values are brass, strings',
    ],
    'an unknown fact' => [
        function (array &$w): void {
            $w['events'][0]['task']['facts']['task.hue'] = 'red';
        },
        '/events/0/task/facts/task.hue',
        'no field',
    ],
    'time runs backwards' => [
        function (array &$w): void {
            $w['events'][1]['at'] = '2026-03-01T09:00:00Z';
        },
        '/events/1/at',
        'order of time',
    ],
    'an event twice' => [
        function (array &$w): void {
            $w['events'][1]['id'] = 'e1';
        },
        '/events/1/id',
        'another "e1"',
    ],
    'work of a stranger' => [
        function (array &$w): void {
            $w['work'][0]['assignee'] = 'nobody';
        },
        '/work/0/assignee',
        'no person',
    ],
    'a list for an object' => [
        function (array &$w): void {
            $w['roster']['house'] = [1, 2];
        },
        '/roster/house',
        'object belongs',
    ],
]);

it('reports the faults of all rules at once', function (): void {
    $world = example();
    $world['rulebook']['rules'][0]['when'] = [['kind' => 'full_moon']];
    $world['rulebook']['rules'][1]['if']['all'][0]['op'] = 'smells_like';
    try {
        WorldFormat::read(Node::root($world));
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect(array_map(static fn($fault): string => $fault->pointer, $error->faults))->toBe([
            '/rulebook/rules/0/when/0/kind',
            '/rulebook/rules/1/if/all/0/op',
        ]);
    }
});

it('writes the rulebook that it reads', function (): void {
    $written = RulebookFormat::write(RulebookFormat::read(Node::root(example()['rulebook'])));
    expect(RulebookFormat::write(RulebookFormat::read(Node::root($written))))
        ->toBe($written)
        ->and($written['rules'][1]['give'])
        ->toBe([
            'pool' => ['kind' => 'team', 'team' => 'brass-bench', 'with_sub_teams' => false, 'with_lead' => true],
            'method' => ['kind' => 'round_robin', 'rotation' => 'Brass bench'],
            'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 6, 'count_waiting' => false]],
            'otherwise' => ['kind' => 'unplaced'],
        ]);
});

it('writes and reads every kind of part', function (array $give, array $then): void {
    $document = [
        'openbaton' => 'rulebook/2',
        'fields' => example()['rulebook']['fields'],
        'rules' => [
            [
                'id' => 'r',
                'name' => 'R',
                'active' => false,
                'when' => [['kind' => 'task_arrives']],
                'if' => ['all' => []],
                'give' => $give,
                'then' => $then,
                'valid_from' => '2026-01-01T00:00:00Z',
                'valid_until' => '2026-12-31T00:00:00Z',
            ],
        ],
    ];
    expect(RulebookFormat::write(RulebookFormat::read(Node::root($document))))->toBe($document);
})->with([
    [
        [
            'pool' => [
                'kind' => 'union',
                'pools' => [
                    ['kind' => 'skill', 'skill' => 'brass', 'level' => 2],
                    ['kind' => 'people', 'people' => ['a', 'b']],
                ],
            ],
            'method' => ['kind' => 'lightest_load'],
            'limits' => [
                ['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 3],
                ['kind' => 'load_ratio_at_most', 'percent' => 90],
            ],
            'otherwise' => ['kind' => 'person', 'person' => 'a'],
        ],
        [
            ['kind' => 'due_in', 'after' => 'PT1H30M', 'hours_of' => 'assignee'],
            ['kind' => 'priority', 'priority' => 'urgent'],
            ['kind' => 'tag', 'tag' => 'rush'],
        ],
    ],
    [
        [
            'pool' => [
                'kind' => 'except',
                'pool' => ['kind' => 'team', 'team' => 't', 'with_sub_teams' => true, 'with_lead' => false],
                'without' => ['kind' => 'field', 'field' => 'case.owner'],
            ],
            'method' => ['kind' => 'open'],
            'limits' => [],
            'otherwise' => ['kind' => 'open_to_team', 'team' => 't'],
        ],
        [['kind' => 'due_in', 'after' => 'P0D', 'hours_of' => 'house']],
    ],
    [
        [
            'pool' => ['kind' => 'field', 'field' => 'case.owner'],
            'method' => ['kind' => 'same_person'],
            'limits' => [],
            'otherwise' => ['kind' => 'next_rule'],
        ],
        [],
    ],
    [
        [
            'pool' => ['kind' => 'people', 'people' => ['a']],
            'method' => ['kind' => 'in_order'],
            'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 2, 'count_waiting' => true]],
            'otherwise' => ['kind' => 'unplaced'],
        ],
        [],
    ],
]);

it('writes lengths of time in ISO 8601', function (int $minutes, string $text): void {
    expect(Duration::format($minutes))
        ->toBe($text)
        ->and(Node::root($text)->minutes())
        ->toBe($minutes);
})->with([[0, 'PT0M'], [45, 'PT45M'], [60, 'PT1H'], [150, 'PT2H30M']]);
