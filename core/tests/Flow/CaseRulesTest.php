<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Flow\MoveRefusal;
use OpenBaton\Core\Tests\Support\CaseStory;
use OpenBaton\Core\Workload\TaskStatus;

const WHEN_OPENED = [['kind' => 'case_opens']];

/**
 * @param array<string, mixed> $more
 *
 * @return array<string, mixed> what happens when a task arrives in the case
 */
function inCase(string $id, array $more = [], string $kind = 'fitting'): array
{
    return [
        'kind' => 'task_arrives',
        'task' => $more + ['id' => $id, 'case' => 'c1', 'facts' => ['task.kind' => $kind]],
    ];
}

/** @return array<string, mixed> */
function taskIs(string $id, string $status): array
{
    return ['kind' => 'task_changes', 'task' => $id, 'set' => ['status' => $status]];
}

/** @return array<string, mixed> a pool and the one person in it */
function byField(string $path): array
{
    return ['pool' => ['kind' => 'field', 'field' => $path], 'method' => ['kind' => 'same_person']];
}

it('gives a case an owner by a rotation, and a task in it to the same person', function (): void {
    $round = [
        'pool' => ['kind' => 'team', 'team' => 'enquiries'],
        'method' => ['kind' => 'round_robin', 'rotation' => 'Cases'],
    ];
    $story = new CaseStory(
        [
            ['when' => WHEN_OPENED, 'give' => $round],
            ['when' => [['kind' => 'task_arrives']], 'give' => byField('case.owner')],
        ],
        [
            CaseStory::opens(),
            CaseStory::opens(['id' => 'c2']),
            CaseStory::opens(['id' => 'c3']),
            inCase('t1', ['case' => 'c2']),
        ],
    );
    expect($story->lines())->toBe([
        'c1 r0 oona-varga',
        'c2 r0 ronan-breathnach',
        'c3 r0 hanneke-de-wit',
        't1 r1 ronan-breathnach',
    ]);
});

it('leaves a case without an owner where nobody is found, and open where that is said', function (): void {
    expect(
        (new CaseStory([['when' => WHEN_OPENED, 'give' => byField('case.owner')]], [CaseStory::opens()]))->lines(),
    )->toBe(['c1 - nobody']);
    $open = ['pool' => ['kind' => 'team', 'team' => 'enquiries'], 'method' => ['kind' => 'open']];
    $story = new CaseStory([['when' => WHEN_OPENED, 'give' => $open]], [CaseStory::opens()]);
    expect($story->case()->openTo)->toBe(['oona-varga', 'ronan-breathnach', 'hanneke-de-wit']);
});

it('refuses what a rule about a case can not be', function (array $rule, string $pointer): void {
    $document = CaseStory::document([$rule], []);
    try {
        WorldFormat::read(Node::root($document));
        $pointers = [];
    } catch (DocumentError $error) {
        $pointers = array_map(static fn($fault): string => $fault->pointer, $error->faults);
    }
    expect($pointers)->toBe(["/rulebook/rules/0{$pointer}"]);
})->with([
    'a task\'s field' => [
        [
            'when' => WHEN_OPENED,
            'if' => ['field' => 'task.title', 'op' => 'is_filled'],
            'then' => [['kind' => 'tag', 'tag' => 'a']],
        ],
        '/if/field',
    ],
    'a priority' => [['when' => WHEN_OPENED, 'then' => [['kind' => 'priority', 'priority' => 'high']]], '/then/0/kind'],
    'everyone' => [
        ['when' => WHEN_OPENED, 'give' => ['method' => ['kind' => 'everyone']] + byField('case.owner')],
        '/give/method/kind',
    ],
    'a reviewer' => [['when' => WHEN_OPENED, 'give' => ['seat' => 'reviewer'] + byField('case.owner')], '/give/seat'],
    'an owner of a task' => [
        ['when' => [['kind' => 'task_arrives']], 'give' => ['seat' => 'owner'] + byField('case.owner')],
        '/give/seat',
    ],
    'both' => [
        ['when' => [...WHEN_OPENED, ['kind' => 'task_arrives']], 'then' => [['kind' => 'tag', 'tag' => 'a']]],
        '',
    ],
    'a stage of none' => [
        ['when' => WHEN_OPENED, 'then' => [['kind' => 'move_stage', 'stage' => 'hire.gone']]],
        '/then/0/stage',
    ],
    'a stage of another track' => [
        [
            'when' => WHEN_OPENED,
            'then' => [['kind' => 'open_case', 'track' => 'hire', 'title' => 'A', 'stage' => 'enquiry']],
        ],
        '/then/0/stage',
    ],
]);

it('makes tasks in its stage, needed or not, and what these make belongs to the same case', function (): void {
    $make = static fn(string $title, array $more = []): array => [
        'kind' => 'create_task',
        'task_kind' => 'invoice',
        'title' => $title,
    ] + $more;
    $story = new CaseStory(
        [
            [
                'when' => WHEN_OPENED,
                'then' => [['kind' => 'move_stage', 'stage' => 'hire.quote'], $make('Terms', ['needed' => true])],
            ],
            [
                'when' => [['kind' => 'status_becomes', 'statuses' => ['done']]],
                'if' => ['field' => 'case.stage', 'op' => 'is', 'value' => 'hire.quote'],
                'then' => [$make('Copy of ~case.title~', ['again' => true])],
            ],
        ],
        [CaseStory::opens(), taskIs('c1.1', 'done')],
    );
    $first = $story->task('c1.1');
    expect([$first->caseId, $first->stage, $first->needed, $first->customerId])->toBe(['c1', 'quote', true, 'sulla']);
    $made = $story->task('c1.1.1');
    expect([$made->caseId, $made->stage, $made->needed, $made->title()])->toBe([
        'c1',
        'quote',
        false,
        'Copy of Forty clarinets',
    ]);
    expect($story->case()->openNeeded)->toBe(0);
});

it('counts what is needed for its stage and open, as tasks come, end, and the case moves', function (): void {
    $opened = [CaseStory::opens(), inCase('t1', ['needed' => true]), inCase('t2', ['needed' => true]), inCase('t3')];
    $count = static fn(array ...$more): int => (new CaseStory([], [...$opened, ...$more]))->case()->openNeeded;
    expect($count())->toBe(2);
    expect($count(taskIs('t1', 'done')))->toBe(1);
    expect($count(taskIs('t1', 'done'), taskIs('t2', 'dropped'), taskIs('t3', 'done')))->toBe(0);
    expect($count(taskIs('t1', 'done'), taskIs('t1', 'working')))->toBe(2);
    $moved = ['kind' => 'case_moves', 'to' => 'quote'];
    expect($count($moved))->toBe(0);
    expect($count($moved, ['kind' => 'case_moves', 'to' => 'enquiry', 'reason' => 'Too early']))->toBe(2);
});

it('moves by a rule only where the gates are open, shows what is missing, and does not try again', function (): void {
    $rules = [
        [
            'when' => [['kind' => 'tag_on', 'tags' => ['go'], 'of' => 'case']],
            'then' => [['kind' => 'move_stage', 'stage' => 'hire.on-hire'], ['kind' => 'tag', 'tag' => 'seen']],
        ],
    ];
    $events = [
        CaseStory::opens(['stage' => 'fitting', 'owner' => 'oona-varga']),
        ['kind' => 'case_changes', 'set' => ['tags_on' => ['go']]],
    ];
    $story = new CaseStory($rules, $events);
    expect($story->case()->stage())->toBe('fitting');
    expect($story->case()->refused?->to)->toBe('on-hire');
    expect($story->case()->refused?->why)->toBe(MoveRefusal::GateClosed);
    expect($story->case()->refused?->missing[0]->missing[0]->holderId)->toBe('oona-varga');
    expect($story->told[1]['effects'][0]['effect'])->toBe('move_refused');
    $signed = ['kind' => 'case_changes', 'set' => ['facts' => ['case.terms_signed' => '2026-03-02']]];
    $later = new CaseStory($rules, [...$events, $signed]);
    expect([$later->case()->stage(), $later->case()->refused?->to])->toBe(['fitting', 'on-hire']);
    $byHand = new CaseStory($rules, [...$events, $signed, ['kind' => 'case_moves', 'to' => 'on-hire']]);
    expect([$byHand->case()->stage(), $byHand->case()->refused])->toBe(['on-hire', null]);
});

it('moves a case backwards by a rule, which needs no other reason', function (): void {
    $story = new CaseStory(
        [
            [
                'when' => [['kind' => 'tag_on', 'tags' => ['again'], 'of' => 'case']],
                'then' => [['kind' => 'move_stage', 'stage' => 'hire.quote']],
            ],
        ],
        [CaseStory::opens(['stage' => 'term-end']), ['kind' => 'case_changes', 'set' => ['tags_on' => ['again']]]],
    );
    expect($story->case()->stage())->toBe('quote');
});

it('closes by a rule, dropping what is open or keeping it, but not with needed work open', function (): void {
    $rules = static fn(string $open): array => [
        [
            'when' => [['kind' => 'tag_on', 'tags' => ['over'], 'of' => 'case']],
            'then' => [['kind' => 'close_case', 'outcome' => 'hire.renewed', 'open' => $open]],
        ],
    ];
    $over = ['kind' => 'case_changes', 'set' => ['tags_on' => ['over']]];
    $dropped = new CaseStory($rules('drop'), [CaseStory::opens(), inCase('t1', ['assignee' => 'oona-varga']), $over]);
    expect([$dropped->case()->outcome, $dropped->task('t1')->status, $dropped->task('t1')->caseId])->toBe([
        'renewed',
        TaskStatus::Dropped,
        'c1',
    ]);
    $kept = new CaseStory($rules('keep'), [CaseStory::opens(), inCase('t1', ['assignee' => 'oona-varga']), $over]);
    expect([
        $kept->task('t1')->status,
        $kept->task('t1')->caseId,
        $kept->task('t1')->fields['case.title'] ?? null,
    ])->toBe([TaskStatus::New, null, null]);
    $needed = new CaseStory($rules('drop'), [CaseStory::opens(), inCase('t1', ['needed' => true]), $over]);
    expect([$needed->case()->isOpen(), $needed->case()->refused?->to, $needed->case()->refused?->why])->toBe([
        true,
        null,
        MoveRefusal::WorkOpen,
    ]);
});

it('is closed by hand with needed work open only with a reason by whoever may', function (): void {
    $close = static fn(array $more = []): CaseStory => new CaseStory(
        [],
        [
            CaseStory::opens(),
            inCase('t1', ['needed' => true]),
            ['kind' => 'case_closes', 'outcome' => 'declined', 'open' => 'keep'] + $more,
        ],
    );
    expect($close()->lines())->toBe(['c1 - nobody', 't1 - nobody', 'refused work_open']);
    expect($close(['may_pass' => true])->lines())->toBe(['c1 - nobody', 't1 - nobody', 'refused wants_reason']);
    $closed = $close(['may_pass' => true, 'reason' => 'They went elsewhere.']);
    expect([$closed->case()->outcome, $closed->task('t1')->caseId])->toBe(['declined', null]);
});
