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

it('says why each fell out, in the words of the house', function (array $fallen, string $said): void {
    $trail = $this->trail->of(
        traceOf(['steps' => [['step' => 'present', 'kept' => [], 'fallen' => [['person' => 'femi'] + $fallen]]]]),
    );
    expect($trail['steps'][1]['fallen'][0])->toBe(['slug' => 'femi', 'name' => 'Femi Adeyinka', 'reason' => $said]);
})->with([
    // 7 March, midnight in Dublin: the last day away is the 6th.
    [
        ['reasons' => ['absent'], 'figures' => ['away_until' => '2026-03-07T00:00:00Z']],
        'away until the end of Fri 6 Mar',
    ],
    [['reasons' => ['absent'], 'figures' => ['away_until' => '2026-06-02T11:30:00Z']], 'away until Tue 2 Jun, 12:30'],
    [['reasons' => ['inactive', 'paused']], 'no longer active; takes in no new work'],
    [['reasons' => ['not_yet_member']], 'not yet here'],
    [['reasons' => ['no_longer_member']], 'no longer here'],
    [
        ['reasons' => ['skill_at_least'], 'figures' => ['skill' => 'brass', 'level' => 1, 'needed' => 2]],
        'Brass at level 1, 2 needed',
    ],
    [
        ['reasons' => ['open_tasks_at_most'], 'figures' => ['open_tasks' => 6, 'at_most' => 6]],
        '6 open tasks already, 6 at most with the new one',
    ],
    [
        ['reasons' => ['load_ratio_at_most'], 'figures' => ['load_percent' => 118, 'at_most' => 100]],
        'load would be 118 %, 100 % at most',
    ],
    [
        ['reasons' => ['load_ratio_at_most'], 'figures' => ['load_percent' => null, 'at_most' => 100]],
        'no working time in the next five days',
    ],
    [['reasons' => ['on_now']], 'not on at that moment'],
    [
        [
            'reasons' => ['finish_before_due'],
            'figures' => ['finish_at' => '2026-03-04T10:05:00Z', 'due_at' => '2026-03-03T16:00:00Z'],
        ],
        'would be done Wed 4 Mar, 10:05, due Tue 3 Mar, 16:00',
    ],
    [
        [
            'reasons' => ['finish_before_due'],
            'figures' => ['finish_at' => null, 'due_at' => '2026-03-03T16:00:00Z'],
        ],
        'would not be done within three months, due Tue 3 Mar, 16:00',
    ],
    [
        [
            'reasons' => ['no_absence_before_finish'],
            'figures' => ['away_at' => '2026-03-03T00:00:00Z', 'finish_at' => '2026-03-09T10:00:00Z'],
        ],
        'away from Tue 3 Mar, 00:00, done Mon 9 Mar, 10:00',
    ],
]);

it('says whom a pool stands for', function (array $pool, string $said): void {
    $trail = $this->trail->of(
        traceOf(['pool' => $pool, 'steps' => [['step' => 'pool', 'kept' => ['ayumi'], 'fallen' => []]]]),
    );
    expect($trail['summary'])->toBe("5 people → 1 {$said} → Ayumi Kato");
})->with([
    [['kind' => 'team', 'team' => 'brass-bench'], 'in Brass bench'],
    [['kind' => 'team', 'team' => 'brass-bench', 'with_sub_teams' => true], 'in Brass bench and its sub-teams'],
    [['kind' => 'people', 'people' => ['ayumi']], 'named'],
    [['kind' => 'skill', 'skill' => 'brass', 'level' => 2], 'with Brass at 2 or above'],
    [['kind' => 'field', 'field' => 'task.repaired_by'], 'named by “Repaired by”'],
    [
        [
            'kind' => 'except',
            'pool' => ['kind' => 'team', 'team' => 'brass-bench'],
            'without' => ['kind' => 'people', 'people' => ['femi', 'callum']],
        ],
        'in Brass bench, but not named people',
    ],
    [
        [
            'kind' => 'intersection',
            'pools' => [
                ['kind' => 'team', 'team' => 'brass-bench'],
                ['kind' => 'skill', 'skill' => 'brass', 'level' => 3],
            ],
        ],
        'in Brass bench; with Brass at 3 or above',
    ],
    [
        [
            'kind' => 'union',
            'pools' => [
                ['kind' => 'skill', 'skill' => 'brass', 'level' => 3],
                ['kind' => 'people', 'people' => ['tobias']],
            ],
        ],
        'with Brass at 3 or above or named',
    ],
]);

it('says who was there again once a limit was dropped', function (): void {
    $step = static fn(string $code, array $kept): array => ['step' => $code, 'kept' => $kept, 'fallen' => []];
    $trail = $this->trail->of(
        traceOf([
            'pool' => ['kind' => 'team', 'team' => 'brass-bench'],
            'steps' => [
                $step('pool', ['ayumi', 'femi', 'callum']),
                $step('present', ['ayumi', 'femi']),
                $step('open_tasks_at_most', []),
                $step('again', ['ayumi', 'femi']),
                $step('skill_at_least', ['ayumi']),
            ],
        ]),
    );
    expect($trail['summary'])->toBe(
        '5 people → 3 in Brass bench → 2 present → 0 with few enough open tasks → 2 without that limit → ' .
            '1 skilled enough → Ayumi Kato',
    );
});

it('shows the figures of the method and who was picked', function (
    array $method,
    array $candidate,
    string $said,
): void {
    $trail = $this->trail->of(
        traceOf(['method' => $method, 'candidates' => [['person' => 'ayumi'] + $candidate], 'pick' => 'ayumi']),
    );
    expect($trail['method']['candidates'])->toBe([
        ['slug' => 'ayumi', 'name' => 'Ayumi Kato', 'figures' => $said, 'picked' => true],
    ]);
})->with([
    [['kind' => 'round_robin', 'rotation' => 'Bench'], ['pass' => 15_000_000, 'weight' => 100], 'their turn'],
    [
        ['kind' => 'round_robin', 'rotation' => 'Bench'],
        ['pass' => 10_000_000, 'weight' => 50],
        'their turn, weight 0.50',
    ],
    [
        ['kind' => 'lightest_load'],
        ['load_percent' => 42, 'last_assigned' => '2026-03-02T09:15:00Z'],
        'load 42 % with it, last given work Mon 2 Mar, 09:15',
    ],
    [['kind' => 'lightest_load'], ['load_percent' => null, 'last_assigned' => null], 'no working time, nothing yet'],
    [
        ['kind' => 'earliest_finish'],
        ['finish_at' => '2026-03-03T11:00:00Z', 'last_assigned' => null],
        'done Tue 3 Mar, 11:00, nothing yet',
    ],
    [
        ['kind' => 'earliest_finish'],
        ['finish_at' => null, 'last_assigned' => '2026-03-02T09:15:00Z'],
        'not done within three months, last given work Mon 2 Mar, 09:15',
    ],
    [['kind' => 'in_order'], ['place' => 2], 'place 2'],
]);

it('says of a rotation whose turn it was and how far the others were from theirs', function (): void {
    $trail = $this->trail->of(
        traceOf(
            [
                'method' => ['kind' => 'round_robin', 'rotation' => 'Bench'],
                'pick' => 'femi',
                'candidates' => [
                    ['person' => 'ayumi', 'pass' => 15_000_000, 'weight' => 100],
                    ['person' => 'femi', 'pass' => 10_000_000, 'weight' => 50],
                    ['person' => 'callum', 'pass' => 32_500_000, 'weight' => 100],
                    ['person' => 'tobias', 'pass' => 10_000_000, 'weight' => 100],
                    ['person' => 'greta', 'pass' => 10_000_001, 'weight' => 100],
                ],
            ],
            assignee: 'femi',
        ),
    );
    // A whole turn of full weight is 10^7.
    expect(array_column($trail['method']['candidates'], 'figures'))->toBe([
        '0.50 of a turn to go',
        'their turn, weight 0.50',
        '2.25 of a turn to go',
        'as near, but further down the order',
        '0.01 of a turn to go',
    ]);
});
