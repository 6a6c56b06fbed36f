<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\World\Arrives;

require_once __DIR__ . '/WorldFormatFunctions.php';

/** @return array<string, mixed> the example with a trade, a task with a checklist and a change of it */
function traded(): array
{
    $world = example();
    $world['trade'] = [
        'kinds' => [['id' => 'repair', 'name' => 'Repair', 'usual_effort' => 'PT1000H']],
        'checklists' => [['id' => 'check', 'name' => 'Check', 'items' => ['Play it']]],
    ];
    $world['events'] = [
        [
            'id' => 'e1',
            'kind' => 'task_arrives',
            'at' => '2026-03-02T10:00:00Z',
            'task' => [
                'id' => 'T1',
                'checklist' => [['text' => 'Play it', 'done' => true], ['text' => 'Photograph it']],
            ],
        ],
        [
            'id' => 'e2',
            'kind' => 'task_changes',
            'at' => '2026-03-02T11:00:00Z',
            'task' => 'T1',
            'set' => ['priority' => 'high'],
        ],
    ];

    return $world;
}

/** The first fault of a world; null: it is right. */
function firstFault(array $world): ?string
{
    try {
        WorldFormat::read(Node::root($world));
    } catch (DocumentError $error) {
        return "{$error->faults[0]->pointer}: {$error->faults[0]->reason}";
    }

    return null;
}

it('reads the checklist of a task, ticked and not', function (): void {
    $arrives = WorldFormat::read(Node::root(traded()))->events[0];
    assert($arrives instanceof Arrives);
    expect($arrives->change->after->checklist)->toEqual([
        new ChecklistItem('Play it', true),
        new ChecklistItem('Photograph it', false),
    ]);
});

it('takes what is just within its bounds', function (): void {
    expect(firstFault(traded()))->toBeNull();
    $world = traded();
    // What a rule makes is called after the task for which it does.
    $world['events'][1]['task'] = 'T1.1';
    expect(firstFault($world))->toBeNull();
    $world = traded();
    $world['roster']['people'][0]['attributes'] = array_map(strval(...), range(1, 30));
    expect(firstFault($world))->toBeNull();
    $world['roster']['people'][0]['attributes'][] = '31';
    expect(firstFault($world))->toBe('/roster/people/0/attributes: There are at most 30 in a list.');
});

it('refuses members that it does not know, wherever they are', function (Closure $spoil, string $fault): void {
    $world = traded();
    $spoil($world);
    expect(firstFault($world))->toStartWith($fault);
})->with([
    'of a kind of task' => [
        function (array &$w): void {
            $w['trade']['kinds'][0]['colour'] = 'red';
        },
        '/trade/kinds/0/colour: There is no such member',
    ],
    'of a checklist' => [
        function (array &$w): void {
            $w['trade']['checklists'][0]['colour'] = 'red';
        },
        '/trade/checklists/0/colour: There is no such member',
    ],
    'of a point of a checklist' => [
        function (array &$w): void {
            $w['events'][0]['task']['checklist'][0]['colour'] = 'red';
        },
        '/events/0/task/checklist/0/colour: There is no such member',
    ],
    'of a change' => [
        function (array &$w): void {
            $w['events'][1]['colour'] = 'red';
        },
        '/events/1/colour: There is no such member',
    ],
    'of a moment' => [
        function (array &$w): void {
            $w['rulebook']['rules'][0]['if'] = [
                'field' => 'task.needed',
                'op' => 'before',
                'value' => ['now' => '+1 days', 'colour' => 'red'],
            ];
            $w['rulebook']['fields'][] = ['path' => 'task.needed', 'label' => 'Needed', 'type' => 'date'];
        },
        '/rulebook/rules/0/if/value/colour: There is no such member',
    ],
    'too long a time' => [
        function (array &$w): void {
            $w['trade']['kinds'][0]['usual_effort'] = 'PT1000H1M';
        },
        '/trade/kinds/0/usual_effort: At most PT1000H belong here.',
    ],
    'a task that another has not made' => [
        function (array &$w): void {
            $w['events'][1]['task'] = 'T2.1';
        },
        '/events/1/task: There is no task "T2.1".',
    ],
    'too few of a team' => [
        function (array &$w): void {
            $w['roster']['teams'][0]['minimum'] = 0;
        },
        '/roster/teams/0/minimum: ',
    ],
]);
