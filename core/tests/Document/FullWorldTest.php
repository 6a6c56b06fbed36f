<?php

declare(strict_types=1);

require_once __DIR__ . '/FullWorldFunctions.php';

it('decides a world with every member there is as worked out by hand', function (): void {
    $decisions = decisionsOf(fullWorld());
    $outcomes = array_map(
        static fn(array $one): array => [
            $one['event'],
            $one['outcome'],
            $one['rule'],
            $one['assignee'],
            $one['open_to'],
        ],
        $decisions,
    );
    expect($outcomes)->toBe([
        // Femi owns the case and is there until Wednesday.
        ['e1', 'assigned', 'owner', 'femi', []],
        // Of the brass bench without its lead: Callum is paused, Greta's level is 1, Femi holds one new and one
        // waiting task. Then, of 60 minutes more: Hanneke 1:30 of 28:24, Greta 1:00 of 28:24.
        ['e2', 'assigned', 'reeds', 'greta', []],
        // Callum is paused until noon.
        ['e3', 'assigned', 'morning', 'ayumi', []],
        // "Morning" ended at 11:00; Nadia is not here before the 10th; Mirela owns the case.
        ['e4', 'open', 'rest', null, ['hanneke', 'ayumi', 'femi', 'greta']],
        // Callum is back; his pass of 21 million is below Greta's and Femi's.
        ['e5', 'assigned', 'brass', 'callum', []],
        // Femi is away, Tobias paused, Callum there.
        ['e6', 'assigned', 'owner', 'callum', []],
        // Oona is inactive, which calls for no substitute: the rule's otherwise.
        ['e7', 'assigned', 'owner', 'hanneke', []],
        // 60 hours are too much for everybody; of the reed bench only Mirela is there.
        ['e8', 'open', 'reeds', null, ['mirela']],
        // Greta left on the 2nd, Nadia came on the 10th.
        ['e9', 'open', 'rest', null, ['hanneke', 'ayumi', 'femi', 'callum', 'mirela', 'nadia']],
        // Femi's last day was 30 June.
        ['e10', 'assigned', 'owner', 'hanneke', []],
    ]);
});

it('sets what the follow-ups say', function (): void {
    $quoted = [['effect' => 'tag_added', 'tag' => 'quoted'], ['effect' => 'priority_set', 'priority' => 'high']];
    $due = static fn(string $at): array => ['effect' => 'due_set', 'due' => $at];
    $effects = array_map(
        static fn(array $of): array => array_map(
            static fn(array $one): array => array_diff_key($one, ['rule' => true, 'name' => true]),
            $of,
        ),
        array_column(decisionsOf(fullWorld()), 'effects', 'event'),
    );
    expect($effects)->toBe([
        'e1' => $quoted,
        // 24 hours of Greta's: 7:30 on Monday, 8 on Tuesday (the house's exception is not hers), 8 on Wednesday, from
        // 08:00 on Thursday the last half.
        'e2' => [
            ['effect' => 'priority_set', 'priority' => 'urgent'],
            ['effect' => 'tag_added', 'tag' => 'dear'],
            $due('2026-03-05T08:30:00Z'),
        ],
        'e3' => [],
        'e4' => [$due('2026-03-02T13:00:00Z')],
        // 9 hours of the house: 5 on Monday; on Tuesday, where 09:00 to 10:00 is taken out, 4 from 10:00.
        'e5' => [$due('2026-03-03T14:00:00Z')],
        'e6' => $quoted,
        'e7' => $quoted,
        // 24 hours of the house, for nobody has it: 8 on Wednesday, 6 on Thursday and Friday, 4 on Monday.
        'e8' => [$due('2026-03-09T12:00:00Z')],
        // One hour on Monday the 16th, none on the holiday, one on Wednesday from 08:00.
        'e9' => [$due('2026-03-18T09:00:00Z')],
        'e10' => $quoted,
    ]);
});

it('writes the whole of a decision', function (): void {
    $isQuote = ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'];
    $workshop = ['kind' => 'team', 'team' => 'workshop', 'with_sub_teams' => true, 'with_lead' => true];
    $reasons = static fn(string $person, string $reason): array => ['person' => $person, 'reasons' => [$reason]];
    expect(decisionsOf(fullWorld())[1])->toBe([
        'event' => 'e2',
        'kind' => 'task_arrives',
        'task' => 'T2',
        'at' => '2026-03-02T09:30:00Z',
        'rulebook_version' => fullWorld()->decisions()->current()->rulebook->version,
        'outcome' => 'assigned',
        'rule' => 'reeds',
        'assignee' => 'greta',
        'open_to' => [],
        'effects' => [
            ['rule' => 'dear', 'name' => 'Dear', 'effect' => 'priority_set', 'priority' => 'urgent'],
            ['rule' => 'dear', 'name' => 'Dear', 'effect' => 'tag_added', 'tag' => 'dear'],
            ['rule' => 'reeds', 'name' => 'Reeds', 'effect' => 'due_set', 'due' => '2026-03-05T08:30:00Z'],
        ],
        'verdicts' => [
            [
                'rule' => 'owner',
                'name' => 'Owner',
                'verdict' => 'criterion_failed',
                'failed' => ['pointer' => '', 'comparison' => $isQuote, 'seen' => 'repair', 'negated' => false],
            ],
            ['rule' => 'off', 'name' => 'Off', 'verdict' => 'paused'],
            ['rule' => 'morning', 'name' => 'Morning', 'verdict' => 'not_in_force'],
            ['rule' => 'dear', 'name' => 'Dear', 'verdict' => 'followed_up'],
            [
                'rule' => 'brass',
                'name' => 'Brass',
                'verdict' => 'nobody_eligible',
                'house' => 9,
                'steps' => [
                    ['step' => 'pool', 'kept' => ['femi', 'callum', 'greta'], 'fallen' => []],
                    ['step' => 'present', 'kept' => ['femi', 'greta'], 'fallen' => [$reasons('callum', 'paused')]],
                    [
                        'step' => 'skill_at_least',
                        'kept' => ['femi'],
                        'fallen' => [
                            $reasons('greta', 'skill_at_least') + [
                                'figures' => ['skill' => 'brass-skill', 'level' => 1, 'needed' => 2],
                            ],
                        ],
                    ],
                    [
                        'step' => 'open_tasks_at_most',
                        'kept' => [],
                        'fallen' => [
                            $reasons('femi', 'open_tasks_at_most') + ['figures' => ['open_tasks' => 2, 'at_most' => 2]],
                        ],
                    ],
                    ['step' => 'load_ratio_at_most', 'kept' => [], 'fallen' => []],
                ],
                'pool' => ['kind' => 'team', 'team' => 'brass-bench', 'with_sub_teams' => false, 'with_lead' => false],
                'method' => ['kind' => 'round_robin', 'rotation' => 'Brass bench', 'keep_missed' => 0],
                'otherwise' => ['kind' => 'next_rule'],
            ],
            [
                'rule' => 'reeds',
                'name' => 'Reeds',
                'verdict' => 'decided',
                'house' => 9,
                'steps' => [
                    [
                        'step' => 'pool',
                        'kept' => ['hanneke', 'ayumi', 'femi', 'callum', 'greta', 'tobias', 'mirela', 'nadia'],
                        'fallen' => [],
                    ],
                    [
                        'step' => 'present',
                        'kept' => ['hanneke', 'ayumi', 'femi', 'greta', 'mirela'],
                        'fallen' => [
                            $reasons('callum', 'paused'),
                            $reasons('tobias', 'paused'),
                            $reasons('nadia', 'not_yet_member'),
                        ],
                    ],
                    [
                        'step' => 'load_ratio_at_most',
                        'kept' => ['hanneke', 'ayumi', 'femi', 'greta', 'mirela'],
                        'fallen' => [],
                    ],
                ],
                'candidates' => [
                    // 90 of 1704 minutes; 180 of 2280, with 8 hours each but 6 on Monday and none on her holiday; 120
                    // of 705;
                    // 60 of 1704; 660 of 1608, two hours ahead of the house.
                    ['person' => 'hanneke', 'load_percent' => 5, 'last_assigned' => null],
                    ['person' => 'ayumi', 'load_percent' => 8, 'last_assigned' => '2026-02-26T10:00:00Z'],
                    ['person' => 'femi', 'load_percent' => 17, 'last_assigned' => '2026-03-02T09:00:00Z'],
                    ['person' => 'greta', 'load_percent' => 4, 'last_assigned' => null],
                    ['person' => 'mirela', 'load_percent' => 41, 'last_assigned' => null],
                ],
                'pool' => [
                    'kind' => 'union',
                    'pools' => [
                        $workshop,
                        [
                            'kind' => 'except',
                            'pool' => ['kind' => 'skill', 'skill' => 'reeds-skill', 'level' => 1, 'by_level' => false],
                            'without' => ['kind' => 'people', 'people' => ['tobias']],
                        ],
                    ],
                ],
                'method' => ['kind' => 'lightest_load'],
                'pick' => 'greta',
            ],
            ['rule' => 'rest', 'name' => 'Rest', 'verdict' => 'not_reached'],
        ],
        'facts' => ['task.kind' => 'repair', 'task.value' => 1200.5, 'task.tags' => ['brass']],
    ]);
});

it('writes the way to a substitute, the passes of a rotation and what a "none" blames', function (): void {
    $decisions = decisionsOf(fullWorld());
    expect($decisions[5]['verdicts'][0]['cover'])->toBe([
        'for' => 'femi',
        'person' => 'callum',
        'by_lead' => false,
        'circle' => false,
        'asked' => [
            ['person' => 'femi', 'reasons' => ['absent'], 'away_until' => '2026-03-06T00:00:00Z'],
            ['person' => 'tobias', 'reasons' => ['paused'], 'away_until' => null],
            ['person' => 'callum', 'reasons' => [], 'away_until' => null],
        ],
    ]);
    expect($decisions[5]['verdicts'][0]['steps'][1])->toBe([
        'step' => 'cover',
        'kept' => ['callum'],
        'fallen' => [
            ['person' => 'femi', 'reasons' => ['absent'], 'figures' => ['away_until' => '2026-03-06T00:00:00Z']],
            ['person' => 'tobias', 'reasons' => ['paused']],
        ],
    ]);
    expect($decisions[2]['verdicts'][2]['candidates'])->toBe([['person' => 'ayumi', 'place' => 1]]);
    expect($decisions[4]['verdicts'][4]['candidates'])->toBe([
        ['person' => 'callum', 'pass' => 21_000_000, 'weight' => 100],
    ]);
    expect($decisions[7]['verdicts'][4]['failed'])->toBe([
        'pointer' => '/all/2/none/0',
        'comparison' => ['field' => 'task.rush', 'op' => 'is', 'value' => true],
        'seen' => true,
        'negated' => true,
    ]);
    expect($decisions[6]['verdicts'][0]['cover']['for'])->toBe('oona');
    expect($decisions[6]['verdicts'][0]['otherwise'])->toBe(['kind' => 'person', 'person' => 'hanneke']);
});
