<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\CaseStory;

/**
 * @param list<array<string, mixed>> $when
 * @param array<string, mixed>       $more
 *
 * @return array<string, mixed> a rule that leaves a mark on what it is about
 */
function marks(array $when, array $more = []): array
{
    return ['when' => $when, 'then' => [['kind' => 'tag', 'tag' => 'marked']]] + $more;
}

/** @return list<bool> whether a rule with each event acts on what happens last */
function heard(array $events, array ...$kinds): array
{
    return array_map(static function (array $kind) use ($events): bool {
        $story = new CaseStory([marks([$kind])], $events);
        $last = 'e' . (count($events) - 1);

        return array_filter(
            $story->told,
            static fn(array $one): bool => $one['event'] === $last && $one['verdicts'][0]['verdict'] === 'followed_up',
        ) !== [];
    }, $kinds);
}

it('opens in a stage, which counts as entering it', function (): void {
    $becomes = static fn(string ...$stages): array => ['kind' => 'stage_becomes', 'stages' => $stages];
    expect(
        heard(
            [CaseStory::opens()],
            ['kind' => 'case_opens'],
            $becomes('hire.enquiry'),
            $becomes('hire.quote'),
            $becomes('hire.enquiry') + ['from' => ['hire.quote']],
            ['kind' => 'stage_left', 'stages' => ['hire.enquiry']],
            ['kind' => 'case_closes'],
            ['kind' => 'owner_changes'],
            ['kind' => 'task_arrives'],
        ),
    )->toBe([true, true, false, false, false, false, false, false]);
});

it('enters a stage and leaves another when it is moved', function (): void {
    $events = [CaseStory::opens(), ['kind' => 'case_moves', 'to' => 'quote']];
    expect(
        heard(
            $events,
            ['kind' => 'stage_becomes', 'stages' => ['hire.fitting', 'hire.quote']],
            ['kind' => 'stage_becomes', 'stages' => ['hire.quote'], 'from' => ['hire.enquiry']],
            ['kind' => 'stage_becomes', 'stages' => ['hire.quote'], 'from' => ['hire.fitting']],
            ['kind' => 'stage_left', 'stages' => ['hire.enquiry']],
            ['kind' => 'stage_left', 'stages' => ['hire.quote']],
            ['kind' => 'case_opens'],
        ),
    )->toBe([true, true, false, true, false, false]);
});

it('closes with an outcome, which leaves the last stage, and is reopened in one', function (): void {
    $closed = [CaseStory::opens(), ['kind' => 'case_closes', 'outcome' => 'declined']];
    expect(
        heard(
            $closed,
            ['kind' => 'case_closes'],
            ['kind' => 'case_closes', 'outcomes' => ['hire.renewed']],
            ['kind' => 'case_closes', 'outcomes' => ['hire.renewed', 'hire.declined']],
            ['kind' => 'stage_left', 'stages' => ['hire.enquiry']],
            ['kind' => 'stage_becomes', 'stages' => ['hire.enquiry']],
        ),
    )->toBe([true, false, true, true, false]);
    $reopened = [...$closed, ['kind' => 'case_reopens', 'stage' => 'fitting']];
    expect(
        heard(
            $reopened,
            ['kind' => 'stage_becomes', 'stages' => ['hire.fitting']],
            ['kind' => 'stage_left', 'stages' => ['hire.enquiry']],
            ['kind' => 'case_opens'],
            ['kind' => 'case_closes'],
        ),
    )->toBe([true, false, false, false]);
    $case = (new CaseStory([], $reopened))->case();
    expect([$case->stage(), $case->isOpen(), $case->outcome])->toBe(['fitting', true, null]);
});

it('hears an owner, a field, tags, a comment and a file of a case, and not those of a task', function (): void {
    $of = static fn(array $kind): array => [$kind + ['of' => 'case'], $kind];
    $field = ['kind' => 'field_changes', 'change' => ['field' => 'case.term_ends', 'how' => 'filled']];
    $changes = static fn(array $set): array => [CaseStory::opens(), ['kind' => 'case_changes', 'set' => $set]];
    expect(heard($changes(['facts' => ['case.term_ends' => '2026-06-26']]), ...$of($field)))->toBe([true, false]);
    expect(heard($changes(['tags_on' => ['urgent']]), ...$of(['kind' => 'tag_on', 'tags' => ['urgent']])))->toBe([
        true,
        false,
    ]);
    foreach (['comment_added', 'file_added'] as $kind) {
        expect(heard($changes(['happened' => [['kind' => $kind]]]), ...$of(['kind' => $kind])))->toBe([true, false]);
    }
    expect(
        heard(
            $changes(['owner' => 'oona-varga']),
            ['kind' => 'owner_changes'],
            ['kind' => 'owner_changes', 'to' => ['team' => 'enquiries']],
            ['kind' => 'owner_changes', 'to' => ['team' => 'accounts']],
            ['kind' => 'holder_changes'],
        ),
    )->toBe([true, true, false, false]);
});

it('hears tags taken off, and nothing where nothing changes', function (): void {
    $events = [
        CaseStory::opens(['tags' => ['urgent'], 'owner' => 'oona-varga']),
        ['kind' => 'case_changes', 'set' => ['tags_off' => ['Urgent ']]],
    ];
    expect(heard($events, ['kind' => 'tag_off', 'tags' => ['urgent'], 'of' => 'case']))->toBe([true]);
    $nothing = [
        CaseStory::opens(['owner' => 'oona-varga']),
        ['kind' => 'case_changes', 'set' => ['owner' => 'oona-varga', 'tags_off' => ['urgent']]],
    ];
    expect(
        heard($nothing, ['kind' => 'owner_changes'], ['kind' => 'tag_off', 'tags' => ['urgent'], 'of' => 'case']),
    )->toBe([false, false]);
});

it('reaches a date of a case once, while it is open, and not before it was opened', function (): void {
    $rule = marks([
        [
            'kind' => 'date_reached',
            'field' => 'case.term_ends',
            'offset' => '-20 days',
            'time' => '09:00',
            'of' => 'case',
        ],
    ]);
    $case = static fn(string $ends): array => CaseStory::opens(['facts' => ['case.term_ends' => $ends]]);
    $tick = static fn(string $at): array => ['kind' => 'tick', 'at' => $at];
    $two = [$tick('2026-06-05T12:00:00Z'), $tick('2026-06-06T12:00:00Z'), $tick('2026-06-30T12:00:00Z')];
    // The 26th of June less 20 days is the 6th, at nine in Dublin, eight by UTC.
    // That it was opened is decided upon, as every arrival is.
    $events = static fn(array ...$all): array => array_column((new CaseStory([$rule], $all))->told, 'event');
    expect($events($case('2026-06-26'), ...$two))->toBe(['e0', 'e2:1']);
    // Twenty days before the 10th of March is before the case was there.
    expect($events($case('2026-03-10'), ...$two))->toBe(['e0']);
    $closed = ['kind' => 'case_closes', 'outcome' => 'declined', 'at' => '2026-05-01T09:00:00Z'];
    expect($events($case('2026-06-26'), $closed, ...$two))->toBe(['e0']);
    // A date that moves is another one, and the old one comes no more.
    $moved = [
        'kind' => 'case_changes',
        'at' => '2026-06-01T09:00:00Z',
        'set' => ['facts' => ['case.term_ends' => '2026-07-10']],
    ];
    expect($events($case('2026-06-26'), $moved, ...$two))->toBe(['e0', 'e4:1']);
});

it('lets a schedule act on every open case that meets the criteria', function (): void {
    $rule = marks(
        [
            [
                'kind' => 'schedule',
                'recurrence' => 'FREQ=WEEKLY;BYDAY=FR',
                'from' => '2026-03-01',
                'time' => '10:00',
                'of' => 'case',
            ],
        ],
        ['if' => ['field' => 'case.stage', 'op' => 'is', 'value' => 'hire.fitting']],
    );
    $story = new CaseStory(
        [$rule],
        [
            CaseStory::opens(['id' => 'c1', 'stage' => 'fitting']),
            CaseStory::opens(['id' => 'c2', 'stage' => 'quote']),
            CaseStory::opens(['id' => 'c3', 'stage' => 'fitting']),
            ['kind' => 'case_closes', 'case' => 'c3', 'outcome' => 'declined'],
            ['kind' => 'tick', 'at' => '2026-03-06T12:00:00Z'],
        ],
    );
    expect([$story->case('c1')->tags, $story->case('c2')->tags, $story->case('c3')->tags])->toBe([['marked'], [], []]);
});

it('has buttons on cases', function (): void {
    $rules = [marks([['kind' => 'pressed', 'label' => 'Call them', 'of' => 'case']])];
    $story = new CaseStory($rules, [CaseStory::opens(), ['kind' => 'pressed', 'case' => 'c1', 'rule' => 'r0']]);
    expect($story->case()->tags)->toBe(['marked']);
    $closed = new CaseStory($rules, [
        CaseStory::opens(),
        ['kind' => 'case_closes', 'outcome' => 'declined'],
        ['kind' => 'pressed', 'case' => 'c1', 'rule' => 'r0'],
    ]);
    expect($closed->case()->tags)->toBe([]);
});

it('acts by a rule that is applied to a case, whatever it waits for', function (): void {
    $story = new CaseStory(
        [marks([['kind' => 'case_closes']])],
        [CaseStory::opens(), ['kind' => 'rule_applied', 'case' => 'c1', 'rule' => 'r0']],
    );
    expect($story->case()->tags)->toBe(['marked']);
});

it('lets no rule about tasks act on a case, nor the other way round', function (): void {
    $rules = [marks([['kind' => 'case_opens']]), marks([['kind' => 'task_arrives']])];
    $task = ['kind' => 'task_arrives', 'task' => ['id' => 't1', 'case' => 'c1', 'facts' => ['task.kind' => 'fitting']]];
    $story = new CaseStory($rules, [CaseStory::opens(), $task]);
    expect($story->lines())->toBe(['c1 r0 nobody tag_added', 't1 r1 nobody tag_added']);
    expect($story->told[0]['verdicts'][1]['verdict'])->toBe('not_this_event');
    expect([$story->case()->tags, $story->task('t1')->tags])->toBe([['marked'], ['marked']]);
});
