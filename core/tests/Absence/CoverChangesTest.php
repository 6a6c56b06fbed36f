<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\MarkTouched;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/CoverMovesFunctions.php';

it('acts at the new end where an absence is cut short after half of the work was done', function (): void {
    $tasks = array_map(static fn(string $id): TaskSubject => covered(null, $id), ['done', 'begun', 'untouched']);
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
    expect(CoverStory::moves(CoverStory::roster(CoverStory::absence()), 'callum', $tasks, '2026-03-11 10:00'))->toBe(
        [],
    );
    expect(
        CoverStory::told(
            CoverStory::moves(
                CoverStory::roster(CoverStory::absence(to: '2026-03-18')),
                'callum',
                $tasks,
                '2026-03-11 10:00',
            ),
        ),
    )->toBe(['next-week passes for callum: femi']);
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
    expect(CoverStory::moves($short, 'callum', $tasks, '2026-03-10 10:00'))->toBe([]);
    expect(CoverStory::told(CoverStory::moves($short, 'callum', $tasks, '2026-03-10 10:00', moved: true)))->toBe([
        'u comes_back for callum: callum',
    ]);

    // Moved to next week, all of it comes back.
    expect(
        CoverStory::told(
            CoverStory::moves(
                CoverStory::roster(CoverStory::absence(from: '2026-03-16', to: '2026-03-20')),
                'callum',
                $tasks,
                '2026-03-10 10:00',
                moved: true,
            ),
        ),
    )->toBe(['t comes_back for callum: callum', 'u comes_back for callum: callum', 'v stays for callum: femi']);
});

it(
    'does nothing where it was cancelled before it began, and hands back where it was cancelled after',
    function (): void {
        $cancelled = CoverStory::roster(CoverStory::absence()->endedAt(Build::at('2026-03-06 10:00')));
        expect(
            CoverStory::moves($cancelled, 'callum', [CoverStory::task('t', '2026-03-10 12:00')], CoverStory::MONDAY),
        )->toBe([]);
        expect(CoverStory::told(CoverStory::moves($cancelled, 'callum', [covered()], '2026-03-10 10:00')))->toBe([
            't comes_back for callum: callum',
        ]);
    },
);

it('hands over before it begins where that is asked for', function (): void {
    $roster = CoverStory::roster(CoverStory::absence());
    // Friday suffices for "t", but not for the other.
    $tasks = [CoverStory::task('t', '2026-03-10 12:00'), CoverStory::task('big', '2026-03-11 12:00', 4800)];
    $early = moved($roster, 'callum', $tasks, CoverStory::FRIDAY_BEFORE, early: ['callum-away']);
    expect([$early[0]->holderId, $early[1]->holderId])->toBe(['callum', 'femi']);
    expect(CoverStory::moves($roster, 'callum', $early, CoverStory::FRIDAY_BEFORE, early: ['callum-away']))->toBe([]);
    expect(CoverStory::told(CoverStory::moves($roster, 'callum', $early, CoverStory::MONDAY)))->toBe([
        't passes for callum: femi',
    ]);
    expect(
        CoverStory::told(CoverStory::moves($roster, 'callum', $early, CoverStory::SATURDAY, early: ['callum-away']))[0],
    )->toBe('big comes_back for callum: callum');
});

it('follows what was set by hand, unless that person is away by then', function (): void {
    $tasks = [CoverStory::task('given', null), CoverStory::task('kept', '2026-03-10 12:00')];
    $set = ['given' => 'ayumi', 'kept' => null];
    expect(
        CoverStory::told(
            CoverStory::moves(CoverStory::roster(CoverStory::absence()), 'callum', $tasks, CoverStory::MONDAY, $set),
        ),
    )->toBe(['given passes for callum: ayumi']);
    expect(
        CoverStory::told(
            CoverStory::moves(
                CoverStory::roster(CoverStory::absence(), CoverStory::absence('ayumi', substitutes: [])),
                'callum',
                $tasks,
                CoverStory::MONDAY,
                $set,
            ),
        ),
    )->toBe(['given passes for callum: femi']);
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
    expect($tasks[0]->covering)->toEqual(new Covering('callum', 'first', held: true));
    expect(CoverStory::moves($roster, 'callum', $tasks, '2026-03-11'))->toBe([]);
    expect($roster->absenceOf('callum', Build::at('2026-03-13'))?->id)->toBe('first');
    expect($roster->awayUntil('callum', Build::at(CoverStory::MONDAY)))->toBe(Build::at(CoverStory::SATURDAY));
    expect(CoverStory::told(CoverStory::moves($roster, 'callum', $tasks, CoverStory::SATURDAY)))->toBe([
        't comes_back for callum: callum',
    ]);
});

it('takes absences that only touch one after the other, each with its own substitutes', function (): void {
    $roster = CoverStory::roster(
        CoverStory::absence(to: '2026-03-11', id: 'first'),
        CoverStory::absence(from: '2026-03-11', substitutes: Substitute::forAll('tobias'), id: 'second'),
    );
    expect($roster->absenceOf('callum', Build::at('2026-03-10'))?->id)->toBe('first');
    expect($roster->absenceOf('callum', Build::at('2026-03-11'))?->id)->toBe('second');
    expect(CoverStory::moves($roster, 'callum', [covered()], '2026-03-11'))->toBe([]);
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
    ])->toBe([SeatName::Reviewer, 'femi', 'tobias', 'callum', null]);
    expect($move->after->inStatus(TaskStatus::Working)->reviewCovering)->toBeNull();
});
