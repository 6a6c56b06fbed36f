<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\RemoveTag;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/ChainFunctions.php';

it('sends a task to be reviewed, never by whoever did it, and back to them', function (): void {
    $rules = [review()];
    $task = Story::task();
    $sent = Story::run($rules, Story::change($task, $task->inStatus(TaskStatus::InReview), $rules));
    $reviewed = $sent->subjects['t1'];
    expect(Story::told($sent))->toBe(['0 t1 review assigned ayumi', '1 t1 nobody listens']);
    expect([$reviewed->holderId, $reviewed->reviewerId, $reviewed->lastReviewerId])->toBe(['femi', 'ayumi', null]);
    expect(Bench::narrowing($sent->links[0]->decision ?? throw new LogicException()))->toBe([
        'pool' => ['ayumi', 'callum'],
        'present' => ['ayumi'],
    ]);
    // What has changed on the task since then stays; who reviews it is as it was decided.
    $meanwhile = $sent->links[0]->decision->appliedTo($task->inStatus(TaskStatus::InReview)->tagged('meanwhile'));
    expect([$meanwhile->holderId, $meanwhile->reviewerId, $meanwhile->tags])->toBe(['femi', 'ayumi', ['meanwhile']]);
    $back = $reviewed->inStatus(TaskStatus::Working);
    expect([$back->holderId, $back->reviewerId, $back->lastReviewerId])->toBe(['femi', null, 'ayumi']);
});

it('keeps a reviewer who is eligible, unless the rule says to choose anew', function (
    bool $anew,
    string $expected,
): void {
    $rule = Build::rule(
        'r',
        new NamedPeople(['tobias', 'ayumi']),
        new InOrder(),
        when: [new TagOn(['again'])],
        seat: SeatName::Reviewer,
        anew: $anew,
    );
    $task = Story::task()->inStatus(TaskStatus::InReview)->reviewedBy('ayumi');
    $chain = Story::run([$rule], Story::change($task, $task->tagged('again'), [$rule]));
    expect($chain->subjects['t1']->reviewerId)->toBe($expected);
    expect($chain->subjects['t1']->holderId)->toBe('femi');
})->with([[false, 'ayumi'], [true, 'tobias']]);

it('gives a reviewer only to what is in review', function (): void {
    $rule = Build::rule(
        'r',
        new NamedPeople(['tobias']),
        new InOrder(),
        then: [new AddTag('seen')],
        when: [new TagOn(['again'])],
        seat: SeatName::Reviewer,
    );
    $task = Story::task();
    $chain = Story::run([$rule], Story::change($task, $task->tagged('again'), [$rule]));
    expect($chain->subjects['t1']->reviewerId)->toBeNull();
    expect($chain->subjects['t1']->tags)->toBe(['again', 'seen']);
});

it('gives what is sent back to the substitute of whoever did it and is away', function (): void {
    $rule = Build::rule(
        'back',
        new PersonInField('task.assignee'),
        new SamePerson(),
        when: [new StatusBecomes([TaskStatus::Working], [TaskStatus::InReview])],
    );
    $of = static fn(string $holder): TaskSubject => Story::task()
        ->heldBy($holder)
        ->inStatus(TaskStatus::InReview)
        ->reviewedBy('ayumi');
    $there = Story::run([$rule], Story::change($of('femi'), $of('femi')->inStatus(TaskStatus::Working), [$rule]));
    $away = Story::run([$rule], Story::change($of('callum'), $of('callum')->inStatus(TaskStatus::Working), [$rule]));
    expect(Story::told($there))->toBe(['0 t1 back kept femi']);
    expect(Story::told($away))->toBe(['0 t1 back assigned tobias', '1 t1 nobody listens']);
    expect($away->links[0]->decision?->standIn()?->namedId)->toBe('callum');
    expect($away->subjects['t1']->covering)->toEqual(new Covering('callum', 'callum-2026-03-02'));
});

it('takes a task away only where the rule says that it waits', function (
    Otherwise $otherwise,
    Outcome $outcome,
    ?string $holder,
): void {
    $rule = Build::rule(
        'r',
        new NamedPeople(['greta']),
        new InOrder(),
        otherwise: $otherwise,
        when: [new TagOn(['x'])],
    );
    $task = Story::task();
    $chain = Story::run([$rule], Story::change($task, $task->tagged('x'), [$rule]));
    expect([$chain->links[0]->decision?->outcome, $chain->subjects['t1']->holderId])->toBe([$outcome, $holder]);
})->with([
    'it waits' => [new WaitUnplaced(), Outcome::Unplaced, null],
    'somebody is asked, and is not there' => [new AskPerson('greta'), Outcome::Kept, 'femi'],
    'somebody is asked' => [new AskPerson('ayumi'), Outcome::Assigned, 'ayumi'],
]);

it('lets a rule act once on a task, and tells of two that go round', function (): void {
    $rules = [onTag('a', new RemoveTag('a'), new AddTag('b')), onTag('b', new RemoveTag('b'), new AddTag('a'))];
    $task = Story::task();
    $chain = Story::run($rules, Story::change($task, $task->tagged('a'), $rules));
    expect(Story::told($chain))->toBe(['0 t1 on-a kept femi', '1 t1 on-b kept femi', '2 t1 kept femi']);
    expect($chain->cut?->reason)->toBe(CutReason::Circle);
    expect($chain->cut?->ruleIds)->toBe(['on-a', 'on-b']);
    expect($chain->cut?->taskId)->toBe('t1');
    expect($chain->subjects['t1']->tags)->toBe(['a']);
    expect(Bench::verdicts($chain->links[2]->decision ?? throw new LogicException()))->toBe([
        'acted_already',
        'not_this_event',
    ]);
});

it('does not tell of a rule that would only do again what is done', function (): void {
    $rule = Build::rule('r', null, then: [new AddTag('b')], when: [new TagOn(['a', 'b'])]);
    $task = Story::task();
    $chain = Story::run([$rule], Story::change($task, $task->tagged('a'), [$rule]));
    expect(Story::told($chain))->toBe(['0 t1 r kept femi', '1 t1 kept femi']);
    expect($chain->cut)->toBeNull();
});

it('tells of rules that pass a task to and fro', function (): void {
    $to = static fn(string $id, string $person): Rule => Build::rule(
        $id,
        new NamedPeople([$person]),
        new InOrder(),
        if: ['field' => 'task.assignee', 'op' => 'is_not', 'value' => $person],
        when: [new HolderChanges()],
    );
    $rules = [$to('to-ayumi', 'ayumi'), $to('to-femi', 'femi')];
    $task = Story::task();
    $chain = Story::run($rules, Story::change($task, $task->heldBy('ayumi'), $rules));
    expect(Story::told($chain))->toBe([
        '0 t1 to-femi assigned femi',
        '1 t1 to-ayumi assigned ayumi',
        '2 t1 kept ayumi',
    ]);
    expect($chain->cut?->reason)->toBe(CutReason::Circle);
});
