<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CaseStory;

/** @return array<string, mixed> a case, Oona's, on a track of which it is said whether its owner takes tasks over */
function onTrack(bool $takes, array ...$events): CaseStory
{
    $document = CaseStory::document([], []);
    $document['trade']['tracks'][0]['owner_takes_tasks'] = $takes;

    return new CaseStory(
        [],
        [CaseStory::opens(['owner' => 'oona-varga']), ...$events],
        ['trade' => $document['trade'], 'roster' => $document['roster']],
    );
}

/** @return array<string, mixed> */
function given(string $id, string $person, array $more = []): array
{
    return [
        'kind' => 'task_arrives',
        'task' => $more + ['id' => $id, 'case' => 'c1', 'assignee' => $person, 'facts' => ['task.kind' => 'invoice']],
    ];
}

it('lets a new owner take over what the one before held, where the track says so', function (bool $takes): void {
    $story = onTrack(
        $takes,
        given('t1', 'oona-varga'),
        given('t2', 'hugo-lemaire'),
        given('t3', 'oona-varga', ['status' => 'done']),
        CaseStory::opens(['id' => 'c2']),
        given('t4', 'oona-varga', ['case' => 'c2']),
        ['kind' => 'case_changes', 'set' => ['owner' => 'ronan-breathnach']],
    );
    $has = array_map(static fn(string $id): ?string => $story->task($id)->holderId, ['t1', 't2', 't3', 't4']);
    expect($has)->toBe([$takes ? 'ronan-breathnach' : 'oona-varga', 'hugo-lemaire', 'oona-varga', 'oona-varga']);
    expect([$story->case()->previousHolderId, $story->task('t1')->previousHolderId])->toBe([
        'oona-varga',
        $takes ? 'oona-varga' : null,
    ]);
})->with([true, false]);

it('lets the due date of a task follow a date of its case', function (): void {
    $follows = ['due_follows' => ['field' => 'case.term_ends', 'offset' => '-2 days', 'time' => '10:00']];
    $ends = static fn(?string $date): array => [
        'kind' => 'case_changes',
        'set' => ['facts' => ['case.term_ends' => $date]],
    ];
    $story = onTrack(false, given('t1', 'oona-varga', $follows), $ends('2026-06-26'));
    // The 24th of June, ten in Dublin.
    expect(Instant::orNull($story->task('t1')->dueAt))->toBe('2026-06-24T09:00:00Z');
    $moved = onTrack(false, given('t1', 'oona-varga', $follows), $ends('2026-06-26'), $ends('2026-12-18'));
    expect(Instant::orNull($moved->task('t1')->dueAt))->toBe('2026-12-16T10:00:00Z');
    $gone = onTrack(false, given('t1', 'oona-varga', $follows), $ends('2026-06-26'), $ends(null));
    expect($gone->task('t1')->dueAt)->toBeNull();
});

it('lets tasks see what their case is by now, and rules about them hear it', function (): void {
    $rules = [
        [
            'when' => [['kind' => 'field_changes', 'change' => ['field' => 'case.owner', 'how' => 'filled']]],
            'then' => [['kind' => 'priority', 'priority' => 'high']],
        ],
        [
            'when' => [['kind' => 'status_becomes', 'statuses' => ['done']]],
            'if' => ['field' => 'case.stage', 'op' => 'is', 'value' => 'hire.quote'],
            'then' => [['kind' => 'tag', 'tag' => 'done at the quote']],
        ],
    ];
    $story = new CaseStory($rules, [
        CaseStory::opens(),
        given('t1', 'hugo-lemaire'),
        ['kind' => 'case_changes', 'set' => ['owner' => 'oona-varga']],
        ['kind' => 'case_moves', 'to' => 'quote'],
        ['kind' => 'task_changes', 'task' => 't1', 'set' => ['status' => 'done']],
    ]);
    expect($story->lines())->toBe([
        'c1 - nobody',
        't1 - hugo-lemaire',
        't1 r0 hugo-lemaire priority_set',
        't1 r1 hugo-lemaire tag_added',
    ]);
});

it('acts on the case of a task: its field, its tag, its owner, its stage', function (): void {
    $story = new CaseStory(
        [
            [
                'when' => [['kind' => 'status_becomes', 'statuses' => ['done']]],
                'then' => [
                    ['kind' => 'set_field', 'set' => ['field' => 'case.terms_signed', 'value' => '2026-03-02']],
                    ['kind' => 'tag', 'tag' => 'signed', 'of' => 'case'],
                    ['kind' => 'case_owner'],
                    ['kind' => 'move_stage', 'stage' => 'hire.on-hire'],
                ],
            ],
        ],
        [
            CaseStory::opens(['stage' => 'fitting']),
            given('t1', 'hugo-lemaire', ['needed' => true]),
            ['kind' => 'task_arrives', 'task' => ['id' => 't2', 'facts' => ['task.kind' => 'invoice']]],
            ['kind' => 'task_changes', 'task' => 't1', 'set' => ['status' => 'done']],
            ['kind' => 'task_changes', 'task' => 't2', 'set' => ['status' => 'done']],
        ],
    );
    $case = $story->case();
    // What was needed is done by then, and the field is filled by the follow-up before: the gates are open.
    expect([$case->stage(), $case->tags, $case->holderId, $case->fields['case.terms_signed'] ?? null])->toBe([
        'on-hire',
        ['signed'],
        'hugo-lemaire',
        '2026-03-02',
    ]);
    expect($story->task('t1')->tags)->toBe([]);
    // A task in no case has none to act on.
    expect($story->task('t2')->fields)->not->toHaveKey('case.terms_signed');
});

it('opens a case from a task, which belongs to it then, and one below a case', function (): void {
    $open = static fn(string $title, array $more = []): array => [
        'kind' => 'open_case',
        'track' => 'hire',
        'title' => $title,
    ] + $more;
    $story = new CaseStory(
        [
            [
                'when' => [['kind' => 'task_arrives']],
                'then' => [$open('Hire for ~customer.name~', ['stage' => 'hire.quote'])],
            ],
            [
                'when' => [['kind' => 'tag_on', 'tags' => ['part'], 'of' => 'case']],
                'then' => [$open('A part of ~case.title~')],
            ],
        ],
        [
            [
                'kind' => 'task_arrives',
                'task' => [
                    'id' => 't1',
                    'customer' => 'sulla',
                    'facts' => ['task.kind' => 'call_back', 'customer.name' => 'Lesser Sulla Primary'],
                ],
            ],
            ['kind' => 'case_changes', 'case' => 't1.1', 'set' => ['tags_on' => ['part']]],
            ['kind' => 'case_changes', 'case' => 't1.1', 'set' => ['tags_off' => ['part']]],
            ['kind' => 'case_changes', 'case' => 't1.1', 'set' => ['tags_on' => ['part']]],
        ],
    );
    $case = $story->case('t1.1');
    expect([$case->title(), $case->stage(), $case->customerId])->toBe([
        'Hire for Lesser Sulla Primary',
        'quote',
        'sulla',
    ]);
    expect([$story->task('t1')->caseId, $story->task('t1')->stage])->toBe(['t1.1', 'quote']);
    expect([$story->case('t1.1.1')->title(), $story->case('t1.1.1')->parentId])->toBe([
        'A part of Hire for Lesser Sulla Primary',
        't1.1',
    ]);
    // The second time the first is still open.
    expect(end($story->told)['effects'])->toHaveCount(1);
    expect(end($story->told)['effects'][0]['effect'])->toBe('case_still_open');
});

it('goes from enquiry to renewed, as docs/examples/hire.world.json tells it', function (): void {
    $document = json_decode(
        (string) file_get_contents(__DIR__ . '/../../../docs/examples/hire.world.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    $story = new CaseStory($document['rulebook']['rules'], $document['events']);
    expect($story->lines())->toBe([
        'clarinets owner oona-varga',
        'clarinets fitting-agreed oona-varga stage_moved',
        'clarinets fitting-work oona-varga task_made task_made',
        'clarinets.1 to-the-bench ines-falcao',
        'clarinets.2 to-accounts hugo-lemaire',
        'refused gate_closed',
        'clarinets all-done oona-varga move_refused',
        'clarinets term-ends oona-varga stage_moved task_made',
        'clarinets.3 - oona-varga',
    ]);
    $case = $story->case('clarinets');
    expect([$case->outcome, $case->holderId])->toBe(['renewed', 'ronan-breathnach']);
    expect(array_map(static fn($stay): string => $stay->stage, $case->stays->all))->toBe([
        'enquiry',
        'fitting',
        'on-hire',
        'term-end',
    ]);
    expect($case->stays->current()->leftAt)->toBe(Build::at('2026-06-08T10:00:00Z'));
    // The call that Oona had is Rónán's by then, and is dropped when the case is closed.
    expect([$story->task('clarinets.3')->holderId, $story->task('clarinets.3')->status->value])->toBe([
        'ronan-breathnach',
        'dropped',
    ]);
    expect($story->told[5]['missing'][0]['missing'])->toBe([
        ['kind' => 'needed_work_done', 'what' => 'clarinets.1', 'holder' => 'ines-falcao'],
        ['kind' => 'needed_work_done', 'what' => 'clarinets.2', 'holder' => 'hugo-lemaire'],
        ['kind' => 'field_filled', 'what' => 'case.terms_signed', 'holder' => 'oona-varga'],
    ]);
});
