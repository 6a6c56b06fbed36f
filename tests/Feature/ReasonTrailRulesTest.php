<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Explain\HouseWords;
use App\Explain\ReasonTrail;
use App\Words\Words;
use OpenBaton\Core\Time\Zone;
use Tests\Support\House;

require_once __DIR__ . '/ReasonTrailFunctions.php';

beforeEach(function (): void {
    House::open();
    $this->trail = new ReasonTrail(
        new HouseWords(new Words(), app(SnapshotSource::class)->current(), new Zone('Europe/Dublin')),
    );
});

it('says what every rule came to', function (array $verdict, string $said): void {
    $trail = $this->trail->of(
        ['verdicts' => [$verdict + ['rule' => 'r', 'name' => 'R']]] + traceOf([], 'unplaced', null),
    );
    expect($trail['verdicts'][0]['sentence'])->toBe($said);
    expect($trail['summary'])->toBe('No rule found anybody.');
})->with([
    [['verdict' => 'paused'], 'The rule was paused.'],
    [['verdict' => 'not_in_force'], 'The rule was not in force on that day.'],
    [['verdict' => 'not_this_event'], 'The rule waits for something else.'],
    [['verdict' => 'followed_up'], 'It held and only carried its follow-ups.'],
    [['verdict' => 'not_reached'], 'It would have held, but an earlier rule had decided.'],
    [
        [
            'verdict' => 'nobody_eligible',
            'house' => 5,
            'pool' => ['kind' => 'team', 'team' => 'brass-bench'],
            'steps' => [
                ['step' => 'pool', 'kept' => ['femi'], 'fallen' => []],
                ['step' => 'present', 'kept' => [], 'fallen' => []],
            ],
        ],
        'It held, but nobody was eligible: 5 people → 1 in Brass bench → 0 present.',
    ],
    [
        [
            'verdict' => 'criterion_failed',
            'failed' => [
                'comparison' => ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
                'seen' => 12.5,
                'negated' => false,
            ],
        ],
        'It asks that Value is more than EUR 400; it was EUR 12.50.',
    ],
    [
        [
            'verdict' => 'criterion_failed',
            'failed' => [
                'comparison' => ['field' => 'task.family', 'op' => 'one_of', 'value' => ['brass', 'strings']],
                'seen' => null,
                'negated' => false,
            ],
        ],
        'It asks that Instrument family is one of Brass, Strings; it was empty.',
    ],
    [
        [
            'verdict' => 'criterion_failed',
            'failed' => [
                'comparison' => ['field' => 'task.due', 'op' => 'within_next', 'value' => 1],
                'seen' => null,
                'negated' => false,
            ],
        ],
        'It asks that Due date is within the next 1 day; it was empty.',
    ],
    [
        [
            'verdict' => 'criterion_failed',
            'failed' => [
                'comparison' => ['field' => 'task.repaired_by', 'op' => 'is', 'value' => 'femi'],
                'seen' => 'femi',
                'negated' => true,
            ],
        ],
        'It asks that Repaired by not be so: is Femi Adeyinka; it was Femi Adeyinka.',
    ],
]);

it('says what the otherwise did and what followed', function (): void {
    $trace = traceOf(['otherwise' => ['kind' => 'open_to_team', 'team' => 'brass-bench']], 'open', null);
    $trace['open_to'] = ['ayumi', 'femi'];
    $trace['effects'] = [
        ['effect' => 'due_set', 'due' => '2026-03-05T17:00:00Z'],
        ['effect' => 'priority_set', 'priority' => 'high'],
        ['effect' => 'tag_added', 'tag' => 'rush', 'rule' => 'r2', 'name' => 'Marks'],
        ['effect' => 'due_impossible', 'rule' => 'r2', 'name' => 'Marks'],
    ];
    $trail = $this->trail->of($trace);
    expect($trail['otherwise'])->toBe('Nobody was eligible, and the rule says to open it to Brass bench.');
    expect($trail['summary'])->toBe('5 people → open to 2 people');
    expect($trail['effects'])->toBe([
        ['rule' => null, 'said' => ['Due Thu 5 Mar, 17:00', 'Priority high']],
        ['rule' => 'Marks', 'said' => ['Tag “rush”', 'No due date: there is not enough working time to come']],
    ]);
});

it('keeps the name of a code when the house no longer knows it', function (): void {
    $trail = $this->trail->of(
        traceOf(
            [
                'pool' => ['kind' => 'team', 'team' => 'choir'],
                'steps' => [['step' => 'pool', 'kept' => ['gone'], 'fallen' => []]],
            ],
            assignee: 'gone',
        ),
    );
    expect($trail['summary'])->toBe('5 people → 1 in choir → gone');
});
