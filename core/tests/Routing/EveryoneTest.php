<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\Everyone;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Passing;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** Ayumi, Femi and Callum have an hour's task together. */
function shared(bool $doTogether = false): TaskSubject
{
    return Story::task()
        ->with(['status' => TaskStatus::New])
        ->heldTogether(['ayumi', 'femi', 'callum'], $doTogether);
}

it('gives to all who are eligible, in the order of the pool', function (
    array $pool,
    array $limits,
    array $absences,
    array $expected,
): void {
    $roster = new Roster(
        Build::calendar(),
        array_map(static fn(string $id) => Build::person($id), ['ayumi', 'femi', 'callum']),
        absences: $absences,
    );
    $rules = [Build::rule('all', new NamedPeople($pool), new Everyone(), limits: $limits)];
    $new = Story::task()->with(['holderId' => null, 'status' => TaskStatus::New]);
    $busy = Story::task('busy');
    $chain = Story::run($rules, Story::change(null, $new, $rules, roster: $roster), [$busy], $roster);
    $decision = $chain->links[0]->decision;
    expect($chain->subjects['t1']->holderIds())->toBe($expected);
    expect([$decision?->assigneeId, $decision?->sharing->withIds ?? []])->toBe([
        $expected[0] ?? null,
        array_slice($expected, 1),
    ]);
})->with([
    'all' => [['femi', 'callum', 'ayumi'], [], [], ['femi', 'callum', 'ayumi']],
    'who is away is skipped' => [
        ['ayumi', 'femi', 'callum'],
        [],
        [Build::absence('ayumi', '2026-03-01', '2026-03-08')],
        ['femi', 'callum'],
    ],
    'who has enough already, too' => [['ayumi', 'femi', 'callum'], [new OpenTasksAtMost(1)], [], ['ayumi', 'callum']],
    'one of them alone' => [['femi'], [], [], ['femi']],
    'nobody' => [['femi'], [new OpenTasksAtMost(1)], [], []],
]);

it('says in its document who got it', function (): void {
    $decision = Bench::decide([Build::rule('all', new NamedPeople(['femi', 'ayumi']), new Everyone(true))]);
    $document = DecisionFormat::write($decision);
    expect([$document['outcome'], $document['assignee'], $document['held_with']])->toBe([
        'assigned',
        'femi',
        ['ayumi'],
    ]);
    expect($document['verdicts'][0]['held_with'])->toBe(['ayumi']);
    expect($document['verdicts'][0]['method'])->toBe(['kind' => 'everyone', 'do_together' => true]);
});

it('leaves it with those who have it as long as all of them may', function (
    array $holders,
    array $pool,
    array $expected,
    string $outcome,
): void {
    $rules = [
        Build::rule('all', new NamedPeople($pool), new Everyone(), when: [new StatusBecomes([TaskStatus::Working])]),
    ];
    $task = Story::task()
        ->with(['status' => TaskStatus::New])
        ->heldTogether($holders);
    $chain = Story::run($rules, Story::change($task, $task->inStatus(TaskStatus::Working), $rules));
    expect($chain->links[0]->decision?->outcome->value)->toBe($outcome);
    expect($chain->subjects['t1']->holderIds())->toBe($expected);
})->with([
    'both are in the pool' => [['ayumi', 'femi'], ['ayumi', 'femi', 'callum'], ['ayumi', 'femi'], 'kept'],
    'whoever has begun it keeps it' => [['femi'], ['ayumi', 'femi'], ['femi'], 'kept'],
    'one of them is not' => [['ayumi', 'tobias'], ['ayumi', 'femi'], ['ayumi', 'femi'], 'assigned'],
]);

it('is the work of each of them, by even shares, as one open task', function (TaskSubject $task, array $minutes): void {
    $work = Work::of([$task->asWork()]);
    $had = [];
    foreach (['ayumi', 'femi', 'callum', 'greta'] as $id) {
        $held = $work->held($id);
        $had[$id] = array_map(static fn($item): int => $item->effort->left(), [...$held->loading, ...$held->waiting]);
    }
    expect($had)->toBe($minutes);
    // It is taken away as a whole.
    $after = $work->after($task->asWork(), $task->heldBy('greta')->inStatus(TaskStatus::New)->asWork());
    expect(array_map(static fn(string $id): int => $after->held($id)->openTasks(), array_keys($minutes)))->toBe([
        0,
        0,
        0,
        1,
    ]);
})->with([
    'a third each' => [fn() => shared(), ['ayumi' => [20], 'femi' => [20], 'callum' => [20], 'greta' => []]],
    'in whole minutes, none lost' => [
        fn() => shared()->with(['effort' => new Effort(0, 70, 20)]),
        ['ayumi' => [17], 'femi' => [17], 'callum' => [17], 'greta' => []],
    ],
    'waiting' => [
        fn() => shared()->waiting('Parts', null),
        ['ayumi' => [60], 'femi' => [60], 'callum' => [60], 'greta' => []],
    ],
    'a review is the whole work of whoever reviews' => [
        fn() => shared()->inStatus(TaskStatus::InReview)->reviewedBy('greta'),
        ['ayumi' => [], 'femi' => [], 'callum' => [], 'greta' => [60]],
    ],
]);

it('is theirs alone who start it, or finish it, unless they do it together', function (
    bool $together,
    TaskStatus $status,
    string $by,
    array $expected,
): void {
    $before = shared($together);
    $after = $before->inStatus($status)->begunBy($by, $before);
    expect([$after->holderIds(), $after->previousHolderId])->toBe([$expected, null]);
})->with([
    'starts' => [false, TaskStatus::Working, 'femi', ['femi']],
    'finishes' => [false, TaskStatus::Done, 'callum', ['callum']],
    'asks for a review' => [false, TaskStatus::InReview, 'ayumi', ['ayumi']],
    'lets it wait' => [false, TaskStatus::Waiting, 'femi', ['ayumi', 'femi', 'callum']],
    'drops it' => [false, TaskStatus::Dropped, 'femi', ['ayumi', 'femi', 'callum']],
    'a lead starts it for them' => [false, TaskStatus::Working, 'greta', ['ayumi', 'femi', 'callum']],
    'together' => [true, TaskStatus::Working, 'femi', ['ayumi', 'femi', 'callum']],
]);

it('passes from one of several to somebody else, or to the others', function (
    string $from,
    ?string $to,
    array $expected,
): void {
    $after = shared(true)->passedBy($from, $to);
    expect([$after->holderIds(), $after->sharing?->doTogether ?? false])->toBe([$expected, count($expected) > 1]);
})->with([
    'to another' => ['femi', 'greta', ['ayumi', 'greta', 'callum']],
    'to one who has it' => ['ayumi', 'callum', ['callum', 'femi']],
    'to the others' => ['ayumi', null, ['femi', 'callum']],
    'from nobody of them' => ['greta', null, ['ayumi', 'femi', 'callum']],
]);

it('lets the last of them not leave it to nobody, who would be an unplaced task', function (): void {
    $alone = shared()->passedBy('ayumi', null)->passedBy('femi', null);
    expect([$alone->holderIds(), $alone->sharing])->toBe([['callum'], null]);
    expect($alone->passedBy('callum', null)->holderIds())->toBe([]);
});

it('passes in pairs, in order', function (array $before, array $after, array $expected): void {
    expect(Passing::between($before, $after))->toBe($expected);
})->with([
    [['a'], ['b'], [['a', 'b']]],
    [[], ['a', 'b'], [[null, 'a'], [null, 'b']]],
    [['a', 'b', 'c'], ['b'], [['a', null], ['c', null]]],
    [['a', 'b'], ['c', 'd', 'e'], [['a', 'c'], ['b', 'd'], [null, 'e']]],
    [['a', 'b'], ['b', 'a'], []],
]);

it('raises that the holder changes by who comes and who leaves', function (
    ?PeopleGroup $from,
    ?PeopleGroup $to,
    TaskSubject $before,
    TaskSubject $after,
    bool $expected,
): void {
    $rules = [Build::rule('r', null, then: [new AddTag('seen')], when: [new HolderChanges($from, $to)])];
    $chain = Story::run($rules, Story::change($before, $after, $rules));
    expect($chain->subjects['t1']->tags)->toBe($expected ? ['seen'] : []);
})->with([
    'one leaves' => [null, null, fn() => shared(), fn() => shared()->passedBy('femi', null), true],
    'nobody does' => [null, null, fn() => shared(), fn() => shared()->tagged('x')->untagged('x'), false],
    'she who leaves' => [new PeopleGroup(['femi']), null, fn() => shared(), fn() => shared()->heldBy('ayumi'), true],
    'not she who stays' => [
        new PeopleGroup(['ayumi']),
        null,
        fn() => shared(),
        fn() => shared()->heldBy('ayumi'),
        false,
    ],
    'one of those who come' => [
        null,
        new PeopleGroup(['callum']),
        fn() => Story::task()->heldBy(null),
        fn() => shared(),
        true,
    ],
    'of their team' => [
        null,
        new PeopleGroup([], 'brass'),
        fn() => Story::task()->heldBy('greta'),
        fn() => shared(),
        true,
    ],
]);

it('is reviewed by none of those who did it', function (): void {
    $rules = [
        Build::rule(
            'review',
            new Except(new NamedPeople(['ayumi', 'callum', 'tobias']), new PersonInField('task.assignee')),
            new InOrder(),
            when: [new StatusBecomes([TaskStatus::InReview])],
            seat: SeatName::Reviewer,
        ),
    ];
    $task = shared(true)->inStatus(TaskStatus::Working);
    $chain = Story::run($rules, Story::change($task, $task->inStatus(TaskStatus::InReview), $rules));
    expect($chain->subjects['t1']->reviewerId)->toBe('tobias');
});

it('makes a task for none of those who did it, where a rule says so', function (): void {
    $others = new Except(new NamedPeople(['ayumi', 'femi', 'tobias']), new PersonInField('task.assignee'));
    $rules = [
        Build::rule(
            'check',
            null,
            then: [new CreateTask('quote', MergedText::parse('Check it'), for: $others)],
            when: [new StatusBecomes([TaskStatus::Done])],
        ),
    ];
    $task = shared(true)->inStatus(TaskStatus::Working);
    $chain = Story::run($rules, Story::change($task, $task->inStatus(TaskStatus::Done), $rules));
    expect($chain->subjects['t1.1']->openTo)->toBe(['tobias']);
});
