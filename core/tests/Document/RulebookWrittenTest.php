<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;

require_once __DIR__ . '/WorldFormatFunctions.php';

it('writes the rulebook that it reads', function (): void {
    $written = RulebookFormat::write(RulebookFormat::read(Node::root(example()['rulebook'])));
    expect(RulebookFormat::write(RulebookFormat::read(Node::root($written))))->toBe($written);
    expect($written['rules'][1]['give'])->toBe([
        'pool' => ['kind' => 'team', 'team' => 'brass-bench', 'with_sub_teams' => false, 'with_lead' => true],
        'method' => ['kind' => 'round_robin', 'rotation' => 'Brass bench', 'keep_missed' => 0],
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
                'heading' => 'Brass',
                'note' => "Since March.\nAsk Oona.",
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
                    ['kind' => 'skill', 'skill' => 'brass', 'level' => 2, 'by_level' => true],
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
    expect(Duration::format($minutes))->toBe($text);
    expect(Node::root($text)->minutes())->toBe($minutes);
})->with([[0, 'PT0M'], [45, 'PT45M'], [60, 'PT1H'], [150, 'PT2H30M']]);
