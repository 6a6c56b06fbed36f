<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\MarkTouched;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/CoverMovesFunctions.php';

it('passes work at the first second of the absence, and says for whom', function (): void {
    $roster = CoverStory::roster(CoverStory::absence());
    $tasks = [CoverStory::task('t', '2026-03-10 12:00'), CoverStory::task('later', '2026-04-10 12:00')];
    expect(CoverStory::moves($roster, 'callum', $tasks, '2026-03-08 23:59:59'))->toBe([]);
    expect(CoverStory::told(CoverStory::moves($roster, 'callum', $tasks, CoverStory::MONDAY)))->toBe([
        't passes for callum: femi',
    ]);
    expect(covered()->covering)->toEqual(new Covering('callum', 'callum-away', held: true));
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
    'done' => [static fn(TaskSubject $task): TaskSubject => $task->inStatus(TaskStatus::Done)],
    'dropped' => [static fn(TaskSubject $task): TaskSubject => $task->inStatus(TaskStatus::Dropped)],
    'handed on' => [static fn(TaskSubject $task): TaskSubject => $task->heldBy('ayumi')],
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
    'begun' => [static fn(TaskSubject $task): TaskSubject => $task->inStatus(TaskStatus::Working), 'femi', false, true],
    'begun for them' => [
        static fn(TaskSubject $task): TaskSubject => $task->inStatus(TaskStatus::Working),
        'ayumi',
        false,
        true,
    ],
    'time spent' => [
        static fn(TaskSubject $task): TaskSubject => $task->with(['effort' => new Effort(0, 60, 5)]),
        'femi',
        false,
        true,
    ],
    'ticked' => [
        static fn(TaskSubject $task): TaskSubject => $task->with([
            'checklist' => [new ChecklistItem('Photograph it', true)],
        ]),
        'femi',
        false,
        true,
    ],
    'ticked by another' => [
        static fn(TaskSubject $task): TaskSubject => $task->with([
            'checklist' => [new ChecklistItem('Photograph it', true)],
        ]),
        'ayumi',
        false,
        false,
    ],
    'said' => [static fn(TaskSubject $task): TaskSubject => $task->with(['comments' => 1]), 'femi', true, true],
    'said by another' => [
        static fn(TaskSubject $task): TaskSubject => $task->with(['comments' => 1]),
        'callum',
        true,
        false,
    ],
    'due at another time' => [
        static fn(TaskSubject $task): TaskSubject => $task->dueAt(Build::at('2026-03-11')),
        'femi',
        false,
        false,
    ],
    'handed on' => [static fn(TaskSubject $task): TaskSubject => $task->heldBy('ayumi'), 'femi', false, false],
]);

it('hands back what was begun before it passed, and not touched since', function (): void {
    $roster = CoverStory::roster(CoverStory::absence());
    $task = moved(
        $roster,
        'callum',
        [CoverStory::task('t', '2026-03-10 12:00', status: TaskStatus::Working)],
        CoverStory::MONDAY,
    )[0];
    expect([$task->holderId, $task->status])->toBe(['femi', TaskStatus::Working]);
    expect(CoverStory::told(CoverStory::moves($roster, 'callum', [$task], CoverStory::SATURDAY)))->toBe([
        't comes_back for callum: callum',
    ]);
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
    expect(CoverStory::moves($roster, 'femi', [$begun], '2026-03-12'))->toBe([]);
    expect(CoverStory::told(CoverStory::moves($roster, 'callum', [$begun], CoverStory::SATURDAY)))->toBe([
        't stays for callum: ayumi',
    ]);
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
    expect(CoverStory::moves($roster, 'callum', $tasks, CoverStory::MONDAY))->toBe([]);
    expect(CoverStory::told(CoverStory::moves($roster, 'callum', $tasks, '2026-03-10')))->toBe([
        't passes for callum: femi',
    ]);
});
