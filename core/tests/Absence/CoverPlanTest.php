<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\CoverLine;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/CoverPlanFunctions.php';

it('passes what is due by the end of the first working day back, and no more', function (
    string $due,
    string $expected,
): void {
    // Ten days of work keep Callum from finishing anything that is due later than tomorrow before he goes.
    $busy = CoverStory::task('busy', '2026-03-06 12:00', 4800);
    $plan = CoverStory::plan(CoverStory::absence(), [CoverStory::task('t', $due), $busy]);
    expect(CoverStory::lines($plan)[1])->toBe("t {$expected}");
})->with([
    'on the second day away' => ['2026-03-10 15:00', 'falls_due femi'],
    // Back on Monday 16 March, until 17:00.
    'at the end of the first working day back' => ['2026-03-16 17:00', 'falls_due femi'],
    'a second later' => ['2026-03-16 17:00:01', 'due_later'],
]);

it('leaves with whoever goes what they finish before', function (int $minutes, string $expected): void {
    // Friday has 480 minutes, and "first" takes 60 of them.
    $plan = CoverStory::plan(CoverStory::absence(), [
        CoverStory::task('first', '2026-03-06 12:00'),
        CoverStory::task('t', '2026-03-10 12:00', $minutes),
    ]);
    expect(CoverStory::lines($plan)[1])->toBe("t {$expected}");
})->with([[420, 'finished_before'], [421, 'falls_due femi']]);

it('follows the policy for what is held', function (HeldPolicy $policy, array $expected): void {
    $waits = static fn(string $id, ?string $until, ?string $due) => CoverStory::task($id, $due)->waiting(
        'Parts',
        $until === null ? null : Build::at($until),
    );
    $review = static fn(string $id, ?string $due) => CoverStory::task(
        $id,
        $due,
        holder: 'femi',
        status: TaskStatus::InReview,
    )->reviewedBy('callum');
    $plan = CoverStory::plan(CoverStory::absence(held: $policy), [
        CoverStory::task('due', '2026-03-10 12:00', 4800),
        CoverStory::task('later', '2026-04-10 12:00'),
        CoverStory::task('undated', null),
        CoverStory::task('begun', '2026-03-11 12:00', 4800, status: TaskStatus::Working),
        $waits('wakes', '2026-03-11 12:00', '2026-03-12 12:00'),
        $waits('wakes-undated', '2026-03-13 12:00', null),
        $waits('sleeps', '2026-03-14 00:00', '2026-03-12 13:00'),
        $waits('open-end', null, '2026-03-12 14:00'),
        $review('review', '2026-03-13 12:00'),
        $review('review-later', '2026-04-13 12:00'),
        CoverStory::task('done', '2026-03-10 12:00', status: TaskStatus::Done),
        CoverStory::task('theirs', '2026-03-10 12:00', holder: 'femi'),
        CoverStory::task('reviewed-by-femi', '2026-03-10 12:00', status: TaskStatus::InReview)->reviewedBy('femi'),
    ]);
    // What Femi did is reviewed by the lead in her place.
    expect(CoverStory::lines($plan))->toBe($expected);
})->with([
    'what falls due' => [
        HeldPolicy::FallsDue,
        [
            'due falls_due femi',
            'begun falls_due femi',
            'wakes falls_due femi',
            'sleeps waits_longer',
            'open-end waits_longer',
            'review falls_due tobias',
            'later due_later',
            'review-later due_later',
            'undated no_due_date',
            'wakes-undated no_due_date',
        ],
    ],
    'all' => [
        HeldPolicy::All,
        [
            'due all femi',
            'begun all femi',
            'wakes all femi',
            'sleeps waits_longer',
            'open-end waits_longer',
            'review all tobias',
            'later all femi',
            'review-later all tobias',
            'undated all femi',
            'wakes-undated all femi',
        ],
    ],
    'nothing' => [
        HeldPolicy::Nothing,
        [
            'due nothing_passes',
            'begun nothing_passes',
            'wakes nothing_passes',
            'sleeps nothing_passes',
            'open-end nothing_passes',
            'review nothing_passes',
            'later nothing_passes',
            'review-later nothing_passes',
            'undated nothing_passes',
            'wakes-undated nothing_passes',
        ],
    ],
]);

it('passes reviews in the seat of the reviewer, and past whoever did the work', function (): void {
    $plan = CoverStory::plan(CoverStory::absence(), [
        CoverStory::task('r', '2026-03-10 12:00', holder: 'femi', status: TaskStatus::InReview)->reviewedBy('callum'),
    ]);
    expect([$plan->lines[0]->seat, $plan->lines[0]->toId])->toBe([SeatName::Reviewer, 'tobias']);
});

it(
    'asks each substitute for the work that is theirs, then the lead of the team, and says where nobody is left',
    function (): void {
        $kind = static fn(string $kind): array => ['field' => 'task.kind', 'op' => 'is', 'value' => $kind];
        $tasks = array_map(
            static fn(string $of) => CoverStory::task($of, '2026-03-10 12:00', 4800)->withField('task.kind', $of),
            ['quote', 'repair', 'tuning'],
        );
        $absence = CoverStory::absence(
            substitutes: [CoverStory::only('femi', $kind('repair')), CoverStory::only('tobias', $kind('quote'))],
        );
        $byLead = CoverStory::plan($absence, $tasks);
        $alone = CoverStory::plan(
            $absence,
            $tasks,
            CoverStory::FRIDAY_BEFORE,
            [],
            [],
            [],
            CoverStory::absence('ayumi', substitutes: []),
        );
        expect(CoverStory::lines($byLead))->toBe([
            'quote falls_due tobias',
            'repair falls_due femi',
            'tuning falls_due ayumi',
        ]);
        expect($byLead->lines[2]->cover?->byLead)->toBeTrue();
        expect(CoverStory::lines($alone))->toBe([
            'quote falls_due tobias',
            'repair falls_due femi',
            'tuning falls_due nobody',
        ]);
        expect(array_map(static fn(CoverLine $line): string => $line->task->id, $alone->gaps()))->toBe(['tuning']);
        expect($alone->passing())->toBe(['tobias' => 1, 'femi' => 1]);
    },
);

it('keeps what was set by hand, whatever the policy says', function (): void {
    $tasks = [CoverStory::task('given', null), CoverStory::task('kept', '2026-03-10 12:00', 4800)];
    expect(
        CoverStory::lines(CoverStory::plan(CoverStory::absence(), $tasks, set: ['given' => 'ayumi', 'kept' => null])),
    )->toBe(['kept kept_by_hand', 'given given_by_hand ayumi']);
});

it('passes on what is covered for somebody else, for them', function (): void {
    $covered = CoverStory::roster(CoverStory::absence());
    $move = CoverStory::moves($covered, 'callum', [CoverStory::task('t', '2026-03-10 12:00')], CoverStory::MONDAY)[0];
    $plan = CoverStory::plan(
        CoverStory::absence('femi', '2026-03-11', '2026-03-12', [], HeldPolicy::Nothing),
        [$move->after],
        '2026-03-10 10:00',
        [],
        [],
        [],
        CoverStory::absence(),
    );
    expect(CoverStory::lines($plan))->toBe(['t covered tobias']);
});

it(
    'warns of skills, limits and the pool of the rule that placed a task, each task counting for the next',
    function (): void {
        $give = new Give(
            new SkilledPeople('brass'),
            new InOrder(),
            [new SkillAtLeast('brass', 3), new OpenTasksAtMost(1)],
            new NextRule(),
        );
        $tasks = [CoverStory::task('a', '2026-03-10 12:00', 4800), CoverStory::task('b', '2026-03-19 12:00', 60)];
        $absence = CoverStory::absence(held: HeldPolicy::All, substitutes: Substitute::forAll('tobias'));
        $plan = CoverStory::plan($absence, $tasks, givenBy: ['a' => $give, 'b' => $give]);
        expect(warnings($plan->lines[0]))->toBe([
            ['outside_pool', []],
            ['skill_at_least', ['skill' => 'brass', 'level' => 0, 'needed' => 3]],
            // From Monday 9:00 ten days of 480 minutes: done on Friday 20 March at 17:00, 10 days and 5 hours after
            // it is due.
            ['late', ['minutes' => (10 * 24 + 5) * 60]],
        ]);
        expect(warnings($plan->lines[1]))->toBe([
            ['outside_pool', []],
            ['skill_at_least', ['skill' => 'brass', 'level' => 0, 'needed' => 3]],
            ['open_tasks_at_most', ['open_tasks' => 1, 'at_most' => 1]],
            // "a" is due first, so b follows on Monday 23 March from 9:00 to 10:00.
            ['late', ['minutes' => (4 * 24 - 2) * 60]],
        ]);
    },
);

it('does not warn of what the rule names one person for, nor of what waits', function (): void {
    $give = new Give(new SkilledPeople('brass'), new InOrder(), [], new NextRule());
    $waiting = CoverStory::task('w', '2026-03-09 08:00')->waiting('Parts', Build::at('2026-03-10 12:00'));
    $plan = CoverStory::plan(CoverStory::absence(), [$waiting], givenBy: ['w' => $give]);
    expect(CoverStory::lines($plan))->toBe(['w falls_due femi']);
    expect($plan->lines[0]->warnings)->toBe([]);
});
