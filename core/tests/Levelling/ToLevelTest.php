<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\ToLevel;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

/** Of the strings bench; femi is no lutist, ines is paused, otto away today, lou has left. */
function benchToLevel(bool $working = false, string $until = '2026-03-06 18:00'): ToLevel
{
    $people = [
        Build::person('winnie', ['strings' => 3]),
        Build::person('tobias', ['strings' => 2]),
        Build::person('femi', ['brass' => 2]),
        Build::person('ines', ['strings' => 2], pausedUntil: Build::at('2026-03-09 09:00')),
        Build::person('otto', ['strings' => 1]),
        Build::person('lou', ['strings' => 2], active: false),
        Build::person('oona', ['strings' => 3]),
    ];
    $bench = new Team('bench', 'Bench', Build::members('winnie', 'tobias', 'femi', 'ines', 'otto', 'lou'));
    $roster = new Roster(
        Build::calendar(),
        $people,
        [$bench],
        absences: [Build::absence('otto', '2026-03-02', '2026-03-03')],
    );
    $rule = Build::rule('strings', new TeamMembers('bench'), new LightestLoad(), [
        'all' => [['field' => 'task.kind', 'op' => 'is', 'value' => 'repair']],
    ]);

    return new ToLevel(
        Story::router([$rule], $roster),
        ['winnie', 'tobias', 'femi', 'ines', 'otto', 'lou', 'oona'],
        Build::at('2026-03-02 10:00'),
        Build::at($until),
        $working,
    );
}

function taskToLevel(string $kind = 'repair', ?string $due = '2026-03-04 17:00', string $holder = 'winnie'): TaskSubject
{
    return (new TaskSubject(
        't1',
        Build::at('2026-03-01 10:00'),
        new Effort(0, 90),
        dueAt: $due === null ? null : Build::at($due),
    ))
        ->withField('task.kind', $kind)
        ->heldBy($holder);
}

/** @param list<Movable> $movables */
function eligibleOf(array $movables): array
{
    return array_map(static fn(Movable $one): array => [$one->holderId, $one->eligible], $movables);
}

it('lets a task go to those to whom its rule could give it, but for limits of load', function (): void {
    $give = new Give(
        new TeamMembers('bench'),
        new LightestLoad(),
        [new SkillAtLeast('strings'), new OpenTasksAtMost(0)],
        new NextRule(),
    );
    $movables = benchToLevel()->of(taskToLevel(), $give);
    expect(eligibleOf($movables))->toBe([['winnie', ['winnie', 'tobias', 'otto']]]);
    expect($movables[0]->work)->toBe(90 * 600_000);
});

it('asks of what was placed by hand what rule would place it, and of what none would anybody', function (): void {
    expect(eligibleOf(benchToLevel()->of(taskToLevel(), null)))->toBe([
        ['winnie', ['winnie', 'tobias', 'femi', 'otto']],
    ]);
    expect(eligibleOf(benchToLevel()->of(taskToLevel('quote', holder: 'femi'), null)))->toBe([
        ['femi', ['femi', 'winnie', 'tobias', 'otto', 'oona']],
    ]);
});

it('leaves where it is what is begun, in review, due later, or without a due date', function (TaskSubject $task): void {
    foreach (benchToLevel()->of($task, null) as $movable) {
        expect($movable->eligible)->toBe([$movable->holderId]);
    }
    expect(benchToLevel()->of($task, null))->not->toBe([]);
})->with([
    'begun' => fn() => taskToLevel()->inStatus(TaskStatus::Working),
    'due later' => fn() => taskToLevel(due: '2026-03-06 18:01'),
    'without a due date' => fn() => taskToLevel(due: null),
    'in review' => fn() => taskToLevel()->with(['reviewerId' => 'oona', 'status' => TaskStatus::InReview]),
    'done by an answer' => fn() => taskToLevel()->with(['answers' => 'Estimate']),
]);

it(
    'takes the time of whoever reviews, moves what is begun where that is wanted, and knows nothing of what waits',
    function (): void {
        $reviewed = taskToLevel()->with(['reviewerId' => 'oona', 'status' => TaskStatus::InReview]);
        expect(eligibleOf(benchToLevel()->of($reviewed, null)))->toBe([['oona', ['oona']]]);
        $begun = taskToLevel()->inStatus(TaskStatus::Working);
        expect(eligibleOf(benchToLevel(working: true)->of($begun, null)))->toBe([
            ['winnie', ['winnie', 'tobias', 'femi', 'otto']],
        ]);
        expect(benchToLevel()->of(taskToLevel()->inStatus(TaskStatus::Waiting), null))->toBe([]);
        // Whoever is to review it does not do it.
        $toReview = taskToLevel('quote', holder: 'femi')->with(['reviewerId' => 'oona']);
        expect(eligibleOf(benchToLevel()->of($toReview, null)))->toBe([['femi', ['femi', 'winnie', 'tobias', 'otto']]]);
    },
);
