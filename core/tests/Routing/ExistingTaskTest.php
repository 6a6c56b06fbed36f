<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Limit\LoadRatioAtMost;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\StatusReached;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** A task of Femi's that goes from working to another status. */
function becomes(TaskStatus $status, ?string $holder = 'femi', array $openTo = []): ChangeSet
{
    $before = new TaskSubject(
        't1',
        Build::at('2026-03-01'),
        new Effort(0, 60),
        TaskStatus::Working,
        holderId: $holder,
        openTo: $openTo,
    );

    return new ChangeSet(
        'c1',
        Build::at('2026-03-02T10:00:00Z'),
        $before,
        $before->inStatus($status),
        Build::facts([]),
    );
}

/** @param list<Limit> $limits */
function giving(Pool $pool, Method $method, array $limits = []): Give
{
    return new Give($pool, $method, $limits, new NextRule());
}

/** @param list<AddTag> $then */
function onStatus(TaskStatus $status, ?Give $give, array $then = [], string $id = 'r'): Rule
{
    return new Rule(
        $id,
        "Rule {$id}",
        [new StatusReached($status)],
        Build::rule('x', new NamedPeople(['ayumi']), new InOrder())->criteria,
        $give,
        $then,
    );
}

function settle(array $rules, ChangeSet $change, ?Work $work = null, ?Roster $roster = null): Decision
{
    return (new Router(
        $roster ?? Bench::house(),
        CompiledRulebook::compile(new Rulebook(Build::fields(), $rules), 'v1'),
    ))->decide($change, $work ?? Work::of([$change->before?->asWork() ?? $change->after->asWork()]), new Rotations());
}

it('lets whoever holds it keep it where the rule finds them eligible', function (): void {
    $give = giving(new NamedPeople(['ayumi', 'femi']), new RoundRobin('bench'), [new OpenTasksAtMost(1)]);
    $decision = settle([onStatus(TaskStatus::Waiting, $give)], becomes(TaskStatus::Waiting));
    expect($decision->outcome)->toBe(Outcome::Kept);
    expect($decision->assigneeId)->toBe('femi');
    expect($decision->rotation)->toBeNull();
    expect($decision->attempts[0]->kept)->toBeTrue();
    expect($decision->attempts[0]->choice)->toBeNull();
    expect(Bench::verdicts($decision))->toBe(['decided']);
});

it('gives it to somebody else where the holder is not eligible', function (): void {
    $give = giving(new NamedPeople(['ayumi', 'femi']), new RoundRobin('bench'), [new OpenTasksAtMost(1)]);
    $busy = Work::of([becomes(TaskStatus::Working)->after->asWork(), Build::item('t2', 'femi', 60)]);
    $decision = settle([onStatus(TaskStatus::Waiting, $give)], becomes(TaskStatus::Waiting), $busy);
    expect($decision->outcome)->toBe(Outcome::Assigned);
    expect($decision->assigneeId)->toBe('ayumi');
    expect($decision->workAfter($busy)->held('femi')->openTasks())->toBe(1);
    expect($decision->workAfter($busy)->held('ayumi')->waitingTasks())->toBe(1);
    expect($decision->workAfter($busy)->held('ayumi')->lastAssignedAt)->toBe(Build::at('2026-03-02T10:00:00Z'));
});

it('never counts a task against itself', function (): void {
    $change = becomes(TaskStatus::New);
    $alone = Work::of([$change->after->asWork()]);
    $withAnother = Work::of([$change->after->asWork(), Build::item('t2', 'femi', 60)]);
    // From 10:00 on Monday five days of eight hours have 2340 minutes: 60 are 2.6 %, 120 are 5.1 %.
    $ratio = [
        onStatus(TaskStatus::New, giving(new NamedPeople(['femi']), new LightestLoad(), [new LoadRatioAtMost(3)])),
    ];
    $count = [onStatus(TaskStatus::New, giving(new NamedPeople(['femi']), new InOrder(), [new OpenTasksAtMost(1)]))];
    expect(settle($ratio, $change, $alone)->decidedBy)->toBe(0);
    expect(settle($ratio, $change, $withAnother)->decidedBy)->toBeNull();
    expect(Bench::excluded(settle($ratio, $change, $withAnother), 'load_ratio_at_most'))->toBe([
        'femi' => ['reasons' => ['load_ratio_at_most'], 'load_percent' => 5, 'at_most' => 3],
    ]);
    expect(settle($count, $change, $alone)->decidedBy)->toBe(0);
    expect(Bench::excluded(settle($count, $change, $withAnother), 'open_tasks_at_most'))->toBe([
        'femi' => ['reasons' => ['open_tasks_at_most'], 'open_tasks' => 1, 'at_most' => 1],
    ]);
});

it('leaves it where it is where no rule decides', function (?string $holder, array $openTo, Outcome $outcome): void {
    $decision = settle(
        [onStatus(TaskStatus::Done, null, [new AddTag('x')])],
        becomes(TaskStatus::Waiting, $holder, $openTo),
    );
    expect($decision->outcome)->toBe($outcome);
    expect($decision->assigneeId)->toBe($holder);
    expect($decision->openTo)->toBe($openTo);
    expect($decision->decidedBy)->toBeNull();
    expect($decision->effects)->toBe([]);
    expect(Bench::verdicts($decision))->toBe(['not_this_event']);
})->with([
    'held' => ['femi', [], Outcome::Kept],
    'open' => [null, ['ayumi', 'femi'], Outcome::Open],
    'with nobody' => [null, [], Outcome::Unplaced],
]);

it('gives nobody what is done or dropped, and still follows up', function (TaskStatus $status): void {
    $give = giving(new NamedPeople(['ayumi']), new InOrder());
    $decision = settle(
        [onStatus($status, $give, [new AddTag('first')], 'a'), onStatus($status, null, [new AddTag('second')], 'b')],
        becomes($status),
    );
    expect($decision->outcome)->toBe(Outcome::Kept);
    expect($decision->assigneeId)->toBe('femi');
    expect($decision->subjectAfter()->tags)->toBe(['first', 'second']);
    expect($decision->attempts)->toBe([]);
    expect(Bench::verdicts($decision))->toBe(['followed_up', 'followed_up']);
})->with([TaskStatus::Done, TaskStatus::Dropped]);

it('asks rules only about what they wait for', function (): void {
    $give = giving(new NamedPeople(['ayumi']), new InOrder());
    $rules = [
        Build::rule('arrives', new NamedPeople(['tobias']), new InOrder()),
        onStatus(TaskStatus::Done, $give, [], 'done'),
        onStatus(TaskStatus::Waiting, $give, [], 'waits'),
    ];
    $decision = settle($rules, becomes(TaskStatus::Waiting));
    expect($decision->decidingRule()?->id)->toBe('waits');
    expect(Bench::verdicts($decision))->toBe(['not_this_event', 'not_this_event', 'decided']);
    expect(settle($rules, Build::event())->decidingRule()?->id)->toBe('arrives');
});

it('takes a task away from nobody twice: the work of a reviewer stays theirs', function (): void {
    $before = new TaskSubject(
        't1',
        Build::at('2026-03-01'),
        new Effort(0, 60),
        TaskStatus::Working,
        holderId: 'femi',
        reviewerId: 'ayumi',
    );
    $change = new ChangeSet(
        'c1',
        Build::at('2026-03-02T10:00:00Z'),
        $before,
        $before->inStatus(TaskStatus::InReview),
        Build::facts([]),
    );
    $work = Work::of([$before->asWork()]);
    $after = settle([], $change, $work)->workAfter($work);
    expect($after->held('femi')->openTasks())->toBe(0);
    expect($after->held('ayumi')->openTasks())->toBe(1);
    expect($after->held('ayumi')->lastAssignedAt)->toBeNull();
});

it('shows the substitute whom the otherwise found rather than the one whom the pool did not', function (): void {
    $roster = new Roster(
        Build::calendar(),
        [
            Build::person('ayumi'),
            Build::person('femi', active: false),
            Build::person('callum'),
            Build::person('tobias'),
        ],
        [new Team('brass', 'Brass bench', [new Membership('ayumi')])],
        [],
        [Build::absence('callum', '2026-03-02', '2026-03-07', ['tobias'])],
    );
    $decision = Bench::decide(
        [Build::rule('r', new NamedPeople(['femi']), new InOrder(), otherwise: new AskPerson('callum'))],
        roster: $roster,
    );
    expect($decision->assigneeId)->toBe('tobias');
    expect($decision->standIn()?->namedId)->toBe('callum');
    expect(DecisionFormat::write($decision)['verdicts'][0]['cover']['for'])->toBe('callum');
});
