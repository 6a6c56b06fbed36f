<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;

require_once __DIR__ . '/WorldFormatFunctions.php';

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
    expect(array_column($decisions, 'assignee'))->toBe(['ayumi-kato', 'femi-adeyinka', 'tobias-lindqvist', null]);
    expect(array_column($decisions, 'outcome'))->toBe(['assigned', 'assigned', 'assigned', 'unplaced']);
    expect($decisions[0]['effects'])->toBe([
        [
            'rule' => 'brass-round',
            'name' => $decisions[0]['effects'][0]['name'],
            'effect' => 'due_set',
            'due' => '2026-03-05T17:00:00Z',
        ],
    ]);
    expect($decisions[2]['verdicts'][0]['cover']['for'])->toBe('callum-rees');
    expect($decisions[3]['verdicts'][1]['failed'])->toBe([
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
