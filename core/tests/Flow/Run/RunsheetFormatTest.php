<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RunsheetFormat;
use OpenBaton\Core\Flow\Run\Circle;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Tests\Support\Build;

/** @return array<string, mixed> a document with all that there is */
function sheetDocument(): array
{
    $task = static fn(string $key, array $does = [], array $more = []): array => ['key' => $key] +
        $more + [
            'name' => ucfirst($key),
            'does' => $does + ['kind' => 'task', 'task_kind' => 'repair', 'title' => 'Look at ~task.kind~'],
        ];

    return [
        'openbaton' => 'runsheet/1',
        'id' => 'large-repair',
        'name' => 'Large repair',
        'about' => 'task',
        'does' => [
            'key' => 'all',
            'one_after_another' => [
                [
                    'key' => 'before',
                    'first' => 1,
                    'side_by_side' => [
                        $task('diagnosis', [
                            'due' => ['kind' => 'after_start', 'span' => 'P1D'],
                            'estimate' => 'PT1H',
                            'give' => [
                                'pool' => [
                                    'kind' => 'team',
                                    'team' => 'bench',
                                    'with_sub_teams' => false,
                                    'with_lead' => true,
                                ],
                                'method' => ['kind' => 'round_robin', 'rotation' => 'bench', 'keep_missed' => 2],
                                'limits' => [],
                                'otherwise' => ['kind' => 'next_rule'],
                            ],
                        ]),
                        [
                            'key' => 'owner_ok',
                            'name' => 'The owner approves',
                            'does' => [
                                'kind' => 'approval',
                                'people' => ['kind' => 'people', 'people' => ['hanneke']],
                                'way' => 'at_least',
                                'least' => 1,
                                'anybody' => false,
                                'no' => 'back',
                                'unanswered' => 'go_on',
                                'back_to' => 'diagnosis',
                            ],
                        ],
                    ],
                ],
                $task(
                    'bench',
                    ['due' => ['kind' => 'after_step', 'step' => 'diagnosis', 'span' => 'P2D']],
                    [
                        'if' => ['all' => [['field' => 'answer.owner_ok', 'op' => 'is', 'value' => 'yes']]],
                        'needed' => false,
                    ],
                ),
                ['key' => 'dry', 'name' => 'Glue dries', 'does' => ['kind' => 'wait_for', 'span' => 'PT4H']],
                [
                    'key' => 'tagged',
                    'name' => 'Mark it',
                    'does' => ['kind' => 'act', 'act' => ['kind' => 'tag', 'tag' => 'checked', 'of' => 'task']],
                ],
                [
                    'key' => 'return',
                    'name' => 'Return',
                    'does' => ['kind' => 'runsheet', 'runsheet' => 'return', 'hold' => true],
                ],
            ],
        ],
    ];
}

function readSheet(array $document): Runsheet
{
    return (new RunsheetFormat(Build::context()))->read(Node::root($document));
}

/** @return array<string, string> what is wrong with it, by pointer */
function sheetFaults(array $document): array
{
    try {
        readSheet($document);
    } catch (DocumentError $error) {
        $faults = [];
        foreach ($error->faults as $fault) {
            $faults[$fault->pointer] = $fault->reason;
        }

        return $faults;
    }

    return [];
}

it('reads what it writes', function (): void {
    $sheet = readSheet(sheetDocument());
    expect($sheet->about)->toBe(SubjectKind::Task);
    expect(array_keys($sheet->steps()))->toBe(['diagnosis', 'owner_ok', 'bench', 'dry', 'tagged', 'return']);
    expect($sheet->blocks['before'])->toBeInstanceOf(Lanes::class);
    expect($sheet->steps()['owner_ok']->does)->toBeInstanceOf(ApprovalStep::class);
    expect($sheet->steps()['bench']->needed)->toBeFalse();
    expect($sheet->above('diagnosis'))->toBe(['before', 'all']);
    expect(RunsheetFormat::write($sheet))->toEqual(sheetDocument());
    expect(readSheet(RunsheetFormat::write($sheet)))->toEqual($sheet);
});

it('says where and what is wrong, all at once', function (): void {
    $document = sheetDocument();
    $document['does']['one_after_another'][0]['side_by_side'][0]['does']['task_kind'] = '';
    $document['does']['one_after_another'][1]['if'] = [
        'all' => [['field' => 'answer.nothing', 'op' => 'is', 'value' => 'yes']],
    ];
    $document['does']['one_after_another'][2]['key'] = 'Glue dries';
    $document['does']['one_after_another'][3]['does']['act'] = [
        'kind' => 'create_task',
        'task_kind' => 'repair',
        'title' => 'b',
    ];
    $document['colour'] = 'red';
    expect(array_keys(sheetFaults($document)))->toBe([
        '/colour',
        '/does/one_after_another/0/side_by_side/0/does/task_kind',
        '/does/one_after_another/1/if/all/0/field',
        '/does/one_after_another/2/key',
        '/does/one_after_another/3/does/act/kind',
    ]);
});

it('refuses what does not fit together', function (array $change, string $pointer, string $message): void {
    expect(sheetFaults(array_replace_recursive(sheetDocument(), $change)))->toBe([$pointer => $message]);
})->with([
    'two of one key' => [
        ['does' => ['one_after_another' => [2 => ['key' => 'tagged']]]],
        '',
        'Two blocks have the key "tagged".',
    ],
    'more than there are' => [
        ['does' => ['one_after_another' => [0 => ['first' => 3]]]],
        '/does/one_after_another/0',
        'Of 2 side by side the first 1 to 2 can be enough.',
    ],
    'back to nothing' => [
        ['does' => ['one_after_another' => [0 => ['side_by_side' => [1 => ['does' => ['back_to' => 'nowhere']]]]]]],
        '',
        '"The owner approves" names the step "nowhere", which is not there.',
    ],
    'back without going back' => [
        ['does' => ['one_after_another' => [0 => ['side_by_side' => [1 => ['does' => ['no' => 'end']]]]]]],
        '/does/one_after_another/0/side_by_side/1/does',
        'Name the step to which it goes back where it does, and not otherwise.',
    ],
    'of customers' => [['about' => 'customer'], '/about', 'Runs are of tasks, of cases, or of nothing.'],
]);

it('has in a runsheet about cases only what rules about cases have', function (): void {
    $document = sheetDocument();
    $document['about'] = 'case';
    $document['does'] = [
        'key' => 'urgent',
        'name' => 'Urgent',
        'does' => ['kind' => 'act', 'act' => ['kind' => 'priority', 'priority' => 'high']],
    ];
    expect(sheetFaults($document))->toBe([
        '/does/does/act/kind' => 'What this runsheet is about has no "priority".',
    ]);
});

it('is no deeper and no longer than is bounded', function (): void {
    $deep = ['key' => 'k0', 'name' => 'End', 'does' => ['kind' => 'wait_for', 'span' => 'PT1H']];
    for ($depth = 1; $depth < Runsheet::DEEPEST; ++$depth) {
        $deep = ['key' => "k{$depth}", 'one_after_another' => [$deep]];
    }
    $document = ['openbaton' => 'runsheet/1', 'id' => 'deep', 'name' => 'Deep', 'does' => $deep];
    expect(sheetFaults($document))->toBe([]);
    expect(sheetFaults(['does' => ['key' => 'top', 'one_after_another' => [$deep]]] + $document))->toHaveCount(1);
    $many = array_map(
        static fn(int $number): array => ['key' => "s{$number}"] + [
            'name' => 'Wait',
            'does' => ['kind' => 'wait_for', 'span' => 'PT1H'],
        ],
        range(1, Runsheet::MOST_BLOCKS),
    );
    $document['does'] = ['key' => 'top', 'side_by_side' => $many];
    expect(sheetFaults($document))->toBe(['' => 'A runsheet has 500 blocks at most.']);
});

it('finds what waits for itself through others', function (): void {
    expect(Circle::in(['a' => ['b'], 'b' => ['c'], 'c' => []]))->toBe([]);
    expect(Circle::in(['a' => ['b', 'c'], 'b' => ['d'], 'c' => ['d'], 'd' => []]))->toBe([]);
    expect(Circle::in(['a' => ['b'], 'b' => ['c'], 'c' => ['b']]))->toBe(['b', 'c']);
    expect(Circle::in(['a' => ['a']]))->toBe(['a']);
    expect(Circle::in(['a' => ['gone']]))->toBe([]);
});
