<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\MarkTouched;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

/** @return list<Subject> tasks as they are once what concerns somebody has moved */
function moved(
    Roster $roster,
    string $person,
    array $tasks,
    string $now,
    array $set = [],
    bool $moved = false,
    array $early = [],
): array {
    foreach (CoverStory::moves($roster, $person, $tasks, $now, $set, $moved, $early) as $move) {
        $tasks = array_map(
            static fn(Subject $one): Subject => $one->id === $move->after->id ? $move->after : $one,
            $tasks,
        );
    }

    return $tasks;
}

/** Covered by Femi since Callum went, due on Tuesday. */
function covered(?Absence $absence = null, string $id = 't'): Subject
{
    return moved(
        CoverStory::roster($absence ?? CoverStory::absence()),
        'callum',
        [CoverStory::task($id, '2026-03-10 12:00')],
        CoverStory::MONDAY,
    )[0];
}

it('passes work at the first second of the absence, and says for whom', function (): void {
    $roster = CoverStory::roster(CoverStory::absence());
    $tasks = [CoverStory::task('t', '2026-03-10 12:00'), CoverStory::task('later', '2026-04-10 12:00')];
    expect(CoverStory::moves($roster, 'callum', $tasks, '2026-03-08 23:59:59'))
        ->toBe([])
        ->and(CoverStory::told(CoverStory::moves($roster, 'callum', $tasks, CoverStory::MONDAY)))
        ->toBe(['t passes for callum: femi'])
        ->and(covered()->covering)
        ->toEqual(new Covering('callum', 'callum-away', held: true));
});

it('asks for nothing once all has moved', function (): void {
    $roster = CoverStory::roster(
        CoverStory::absence(),
        CoverStory::absence('femi', '2026-03-11', '2026-03-12', Substitute::forAll('ayumi')),
    );
    $tasks = [
        CoverStory::task('t', '2026-03-10 12:00'),
        CoverStory::task('r', '2026-03-10 12:00', holder: 'tobias', status: TaskStatus::InReview)->reviewedBy('callum'),
    ];
    foreach (
        [
            ['callum', CoverStory::MONDAY, 2],
            ['femi', '2026-03-11', 2],
            ['femi', '2026-03-12', 2],
            ['callum', CoverStory::SATURDAY, 2],
        ]
        as [$person, $now, $count]
    ) {
        expect(CoverStory::moves($roster, $person, $tasks, $now))->toHaveCount($count);
        $tasks = moved($roster, $person, $tasks, $now);
        expect(CoverStory::moves($roster, $person, $tasks, $now))->toBe([]);
    }
    expect([$tasks[0]->holderId, $tasks[1]->reviewerId, $tasks[0]->covering, $tasks[1]->reviewCovering])->toBe([
        'callum',
        'callum',
        null,
        null,
    ]);
});

it('hands back by the policy what the substitute has or has not begun', function (
    HandBackPolicy $policy,
    bool $begun,
    string $expected,
): void {
    $absence = CoverStory::absence(handBack: $policy);
    $task = covered($absence);
    $task = $begun ? MarkTouched::of($task, $task->inStatus(TaskStatus::Working), 'femi', false) : $task;
    expect(
        CoverStory::told(CoverStory::moves(CoverStory::roster($absence), 'callum', [$task], CoverStory::SATURDAY)),
    )->toBe([$expected]);
})->with([
    [HandBackPolicy::Untouched, false, 't comes_back for callum: callum'],
    [HandBackPolicy::Untouched, true, 't stays for callum: femi'],
    [HandBackPolicy::Unfinished, false, 't comes_back for callum: callum'],
    [HandBackPolicy::Unfinished, true, 't comes_back for callum: callum'],
    [HandBackPolicy::Nothing, false, 't stays for callum: femi'],
    [HandBackPolicy::Nothing, true, 't stays for callum: femi'],
]);

it('never hands back what is done, dropped or was handed on by hand', function (Closure $change): void {
    $task = $change(covered(CoverStory::absence(handBack: HandBackPolicy::Unfinished)));
    expect(
        CoverStory::moves(
            CoverStory::roster(CoverStory::absence(handBack: HandBackPolicy::Unfinished)),
            'callum',
            [$task],
            CoverStory::SATURDAY,
        ),
    )->toBe([]);
})->with([
    'done' => [static fn(Subject $task): Subject => $task->inStatus(TaskStatus::Done)],
    'dropped' => [static fn(Subject $task): Subject => $task->inStatus(TaskStatus::Dropped)],
    'handed on' => [static fn(Subject $task): Subject => $task->heldBy('ayumi')],
]);

it('takes for begun what whoever covers has done, and nothing else', function (
    Closure $change,
    string $by,
    bool $says,
    bool $begun,
): void {
    $task = covered()->with(['checklist' => [new ChecklistItem('Photograph it')]]);
    expect(MarkTouched::of($task, $change($task), $by, $says)->covering->touchedBy ?? [])->toBe($begun ? ['femi'] : []);
})->with([
    'begun' => [static fn(Subject $task): Subject => $task->inStatus(TaskStatus::Working), 'femi', false, true],
    'begun for them' => [
        static fn(Subject $task): Subject => $task->inStatus(TaskStatus::Working),
        'ayumi',
        false,
        true,
    ],
    'time spent' => [
        static fn(Subject $task): Subject => $task->with(['effort' => new Effort(0, 60, 5)]),
        'femi',
        false,
        true,
    ],
    'ticked' => [
        static fn(Subject $task): Subject => $task->with(['checklist' => [new ChecklistItem('Photograph it', true)]]),
        'femi',
        false,
        true,
    ],
    'ticked by another' => [
        static fn(Subject $task): Subject => $task->with(['checklist' => [new ChecklistItem('Photograph it', true)]]),
        'ayumi',
        false,
        false,
    ],
    'said' => [static fn(Subject $task): Subject => $task->with(['comments' => 1]), 'femi', true, true],
    'said by another' => [static fn(Subject $task): Subject => $task->with(['comments' => 1]), 'callum', true, false],
    'due at another time' => [
        static fn(Subject $task): Subject => $task->dueAt(Build::at('2026-03-11')),
        'femi',
        false,
        false,
    ],
    'handed on' => [static fn(Subject $task): Subject => $task->heldBy('ayumi'), 'femi', false, false],
]);

it('hands back what was begun before it passed, and not touched since', function (): void {
    $roster = CoverStory::roster(CoverStory::absence());
    $task = moved(
        $roster,
        'callum',
        [CoverStory::task('t', '2026-03-10 12:00', status: TaskStatus::Working)],
        CoverStory::MONDAY,
    )[0];
    expect([$task->holderId, $task->status])
        ->toBe(['femi', TaskStatus::Working])
        ->and(CoverStory::told(CoverStory::moves($roster, 'callum', [$task], CoverStory::SATURDAY)))
        ->toBe(['t comes_back for callum: callum']);
});

it('passes on what a substitute covers when they are away too, and gives it back to them', function (): void {
    $femi = CoverStory::absence('femi', '2026-03-11', '2026-03-12', Substitute::forAll('ayumi'), HeldPolicy::Nothing);
    $roster = CoverStory::roster(CoverStory::absence(), $femi);
    $passed = moved($roster, 'femi', [covered()], '2026-03-11');
    // Femi's own substitute comes before the next of Callum's: each is looked up in turn.
    expect([$passed[0]->holderId, $passed[0]->covering])->toEqual([
        'ayumi',
        new Covering('callum', 'callum-away', ['femi'], true),
    ]);
    $back = moved($roster, 'femi', $passed, '2026-03-12');
    expect([$back[0]->holderId, $back[0]->covering])->toEqual([
        'femi',
        new Covering('callum', 'callum-away', held: true),
    ]);
    $begun = MarkTouched::of($passed[0], $passed[0]->inStatus(TaskStatus::Working), 'ayumi', false);
    expect(CoverStory::moves($roster, 'femi', [$begun], '2026-03-12'))
        ->toBe([])
        ->and(CoverStory::told(CoverStory::moves($roster, 'callum', [$begun], CoverStory::SATURDAY)))
        ->toBe(['t stays for callum: ayumi']);
});

it('goes three deep: each who is away passes on to the next', function (): void {
    $roster = CoverStory::roster(
        CoverStory::absence(substitutes: Substitute::forAll('femi')),
        CoverStory::absence('femi', '2026-03-10', '2026-03-13', Substitute::forAll('tobias'), HeldPolicy::All),
        CoverStory::absence('tobias', '2026-03-11', '2026-03-12', Substitute::forAll('ayumi'), HeldPolicy::All),
    );
    $tasks = [CoverStory::task('t', '2026-03-10 12:00')];
    $holders = [];
    foreach (
        [
            ['callum', CoverStory::MONDAY],
            ['femi', '2026-03-10'],
            ['tobias', '2026-03-11'],
            ['tobias', '2026-03-12'],
            ['femi', '2026-03-13'],
            ['callum', CoverStory::SATURDAY],
        ]
        as [$person, $now]
    ) {
        $tasks = moved($roster, $person, $tasks, $now);
        $holders[] = $tasks[0]->holderId;
    }
    expect($holders)->toBe(['femi', 'tobias', 'ayumi', 'tobias', 'femi', 'callum']);
});

it('leaves with whoever is away what nobody is there for, and passes it when somebody is back', function (): void {
    $roster = CoverStory::roster(
        CoverStory::absence(substitutes: Substitute::forAll('femi')),
        CoverStory::absence('femi', '2026-03-06', '2026-03-10', Substitute::forAll('callum')),
        CoverStory::absence('ayumi', '2026-03-06', '2026-03-12', []),
    );
    $tasks = [CoverStory::task('t', '2026-03-10 12:00')];
    expect(CoverStory::moves($roster, 'callum', $tasks, CoverStory::MONDAY))
        ->toBe([])
        ->and(CoverStory::told(CoverStory::moves($roster, 'callum', $tasks, '2026-03-10')))
        ->toBe(['t passes for callum: femi']);
});

it('acts at the new end where an absence is cut short after half of the work was done', function (): void {
    $tasks = array_map(static fn(string $id): Subject => covered(null, $id), ['done', 'begun', 'untouched']);
    $tasks = [
        $tasks[0]->inStatus(TaskStatus::Done),
        MarkTouched::of($tasks[1], $tasks[1]->inStatus(TaskStatus::Working), 'femi', false),
        $tasks[2],
    ];
    $short = CoverStory::roster(CoverStory::absence()->endedAt(Build::at('2026-03-11 10:00')));
    expect(CoverStory::told(CoverStory::moves($short, 'callum', $tasks, '2026-03-11 10:00')))->toBe([
        'begun stays for callum: femi',
        'untouched comes_back for callum: callum',
    ]);
});

it('passes what now falls due where an absence is extended while it runs', function (): void {
    $tasks = [covered(), CoverStory::task('next-week', '2026-03-18 12:00')];
    expect(CoverStory::moves(CoverStory::roster(CoverStory::absence()), 'callum', $tasks, '2026-03-11 10:00'))
        ->toBe([])
        ->and(
            CoverStory::told(
                CoverStory::moves(
                    CoverStory::roster(CoverStory::absence(to: '2026-03-18')),
                    'callum',
                    $tasks,
                    '2026-03-11 10:00',
                ),
            ),
        )
        ->toBe(['next-week passes for callum: femi']);
});

it('hands back untouched what passed and no longer should where an absence is moved', function (): void {
    // It began on Monday and now ends on Wednesday; the second task is due on Friday, after the first working day back.
    $long = CoverStory::roster(CoverStory::absence());
    $tasks = moved(
        $long,
        'callum',
        [
            CoverStory::task('t', '2026-03-10 12:00'),
            CoverStory::task('u', '2026-03-13 12:00'),
            CoverStory::task('v', '2026-03-13 13:00'),
        ],
        CoverStory::MONDAY,
    );
    $tasks[2] = MarkTouched::of($tasks[2], $tasks[2]->inStatus(TaskStatus::Working), 'femi', false);
    $short = CoverStory::roster(CoverStory::absence(to: '2026-03-11'));
    expect(CoverStory::moves($short, 'callum', $tasks, '2026-03-10 10:00'))
        ->toBe([])
        ->and(CoverStory::told(CoverStory::moves($short, 'callum', $tasks, '2026-03-10 10:00', moved: true)))
        ->toBe(['u comes_back for callum: callum'])
        // Moved to next week, all of it comes back.
        ->and(
            CoverStory::told(
                CoverStory::moves(
                    CoverStory::roster(CoverStory::absence(from: '2026-03-16', to: '2026-03-20')),
                    'callum',
                    $tasks,
                    '2026-03-10 10:00',
                    moved: true,
                ),
            ),
        )
        ->toBe(['t comes_back for callum: callum', 'u comes_back for callum: callum', 'v stays for callum: femi']);
});

it(
    'does nothing where it was cancelled before it began, and hands back where it was cancelled after',
    function (): void {
        $cancelled = CoverStory::roster(CoverStory::absence()->endedAt(Build::at('2026-03-06 10:00')));
        expect(CoverStory::moves($cancelled, 'callum', [CoverStory::task('t', '2026-03-10 12:00')], CoverStory::MONDAY))
            ->toBe([])
            ->and(CoverStory::told(CoverStory::moves($cancelled, 'callum', [covered()], '2026-03-10 10:00')))
            ->toBe(['t comes_back for callum: callum']);
    },
);

it('hands over before it begins where that is asked for', function (): void {
    $roster = CoverStory::roster(CoverStory::absence());
    // Friday suffices for "t", but not for the other.
    $tasks = [CoverStory::task('t', '2026-03-10 12:00'), CoverStory::task('big', '2026-03-11 12:00', 4800)];
    $early = moved($roster, 'callum', $tasks, CoverStory::FRIDAY_BEFORE, early: ['callum-away']);
    expect([$early[0]->holderId, $early[1]->holderId])
        ->toBe(['callum', 'femi'])
        ->and(CoverStory::moves($roster, 'callum', $early, CoverStory::FRIDAY_BEFORE, early: ['callum-away']))
        ->toBe([])
        ->and(CoverStory::told(CoverStory::moves($roster, 'callum', $early, CoverStory::MONDAY)))
        ->toBe(['t passes for callum: femi'])
        ->and(
            CoverStory::told(
                CoverStory::moves($roster, 'callum', $early, CoverStory::SATURDAY, early: ['callum-away']),
            )[0],
        )
        ->toBe('big comes_back for callum: callum');
});

it('follows what was set by hand, unless that person is away by then', function (): void {
    $tasks = [CoverStory::task('given', null), CoverStory::task('kept', '2026-03-10 12:00')];
    $set = ['given' => 'ayumi', 'kept' => null];
    expect(
        CoverStory::told(
            CoverStory::moves(CoverStory::roster(CoverStory::absence()), 'callum', $tasks, CoverStory::MONDAY, $set),
        ),
    )
        ->toBe(['given passes for callum: ayumi'])
        ->and(
            CoverStory::told(
                CoverStory::moves(
                    CoverStory::roster(CoverStory::absence(), CoverStory::absence('ayumi', substitutes: [])),
                    'callum',
                    $tasks,
                    CoverStory::MONDAY,
                    $set,
                ),
            ),
        )
        ->toBe(['given passes for callum: femi']);
});

it('takes overlapping absences of one person as one, for which the earliest speaks', function (): void {
    $roster = CoverStory::roster(
        CoverStory::absence(to: '2026-03-11', id: 'first'),
        CoverStory::absence(
            from: '2026-03-10',
            substitutes: Substitute::forAll('tobias'),
            handBack: HandBackPolicy::Nothing,
            id: 'second',
        ),
    );
    $tasks = moved($roster, 'callum', [CoverStory::task('t', '2026-03-10 12:00')], CoverStory::MONDAY);
    expect($tasks[0]->covering)
        ->toEqual(new Covering('callum', 'first', held: true))
        ->and(CoverStory::moves($roster, 'callum', $tasks, '2026-03-11'))
        ->toBe([])
        ->and($roster->absenceOf('callum', Build::at('2026-03-13'))?->id)
        ->toBe('first')
        ->and($roster->awayUntil('callum', Build::at(CoverStory::MONDAY)))
        ->toBe(Build::at(CoverStory::SATURDAY))
        ->and(CoverStory::told(CoverStory::moves($roster, 'callum', $tasks, CoverStory::SATURDAY)))
        ->toBe(['t comes_back for callum: callum']);
});

it('takes absences that only touch one after the other, each with its own substitutes', function (): void {
    $roster = CoverStory::roster(
        CoverStory::absence(to: '2026-03-11', id: 'first'),
        CoverStory::absence(from: '2026-03-11', substitutes: Substitute::forAll('tobias'), id: 'second'),
    );
    expect($roster->absenceOf('callum', Build::at('2026-03-10'))?->id)
        ->toBe('first')
        ->and($roster->absenceOf('callum', Build::at('2026-03-11'))?->id)
        ->toBe('second')
        ->and(CoverStory::moves($roster, 'callum', [covered()], '2026-03-11'))
        ->toBe([]);
});

it('moves in the seat of the reviewer what is reviewed', function (): void {
    $roster = CoverStory::roster(CoverStory::absence());
    $task = CoverStory::task('r', '2026-03-10 12:00', holder: 'tobias', status: TaskStatus::InReview)->reviewedBy(
        'callum',
    );
    $move = CoverStory::moves($roster, 'callum', [$task], CoverStory::MONDAY)[0];
    expect([
        $move->seat,
        $move->after->reviewerId,
        $move->after->holderId,
        $move->after->reviewCovering?->forId,
        $move->after->covering,
    ])
        ->toBe([SeatName::Reviewer, 'femi', 'tobias', 'callum', null])
        ->and($move->after->inStatus(TaskStatus::Working)->reviewCovering)
        ->toBeNull();
});
