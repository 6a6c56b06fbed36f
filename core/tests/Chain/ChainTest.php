<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\Event\ChecklistComplete;
use OpenBaton\Core\Rulebook\Event\FieldChanges;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\TagOff;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FieldChange;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\GiveOwner;
use OpenBaton\Core\Rulebook\FollowUp\PriorityStep;
use OpenBaton\Core\Rulebook\FollowUp\RemoveTag;
use OpenBaton\Core\Rulebook\FollowUp\SetStatus;
use OpenBaton\Core\Rulebook\FollowUp\StepPriority;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** A rule that only follows up. */
function onTag(string $tag, FollowUp ...$then): Rule
{
    return Build::rule("on-{$tag}", null, then: array_values($then), when: [new TagOn([$tag])]);
}

function review(): Rule
{
    return Build::rule(
        'review',
        new Except(new TeamMembers('brass'), new PersonInField('task.assignee')),
        new RoundRobin('Quality'),
        when: [new StatusBecomes([TaskStatus::InReview])],
        seat: SeatName::Reviewer,
    );
}

it('carries out what follows, first in first out, and says what caused what', function (): void {
    $task = Story::task();
    $rules = [
        onTag('a', new AddTag('b'), new AddTag('c')),
        onTag('b', new StepPriority(PriorityStep::Up)),
        onTag('c', new AddTag('d')),
    ];
    $chain = Story::run($rules, Story::change($task, $task->tagged('a'), $rules));
    expect(Story::told($chain))
        ->toBe(['0 t1 on-a kept femi', '1 t1 on-b+on-c kept femi', '2 t1 nobody listens'])
        ->and(array_map(static fn(Link $link): ?int => $link->causedBy, $chain->links))
        ->toBe([null, 0, 1])
        ->and(array_map(static fn(Link $link): Cause => $link->change->cause, $chain->links))
        ->toBe([Cause::Person, Cause::FollowUp, Cause::FollowUp])
        ->and($chain->subjects['t1']->tags)
        ->toBe(['a', 'b', 'c', 'd'])
        ->and($chain->subjects['t1']->priority)
        ->toBe(Priority::High)
        ->and($chain->cut)
        ->toBeNull();
});

it('raises nothing where an effect changes nothing', function (): void {
    $task = Story::task()->tagged('b');
    $rules = [onTag('a', new AddTag('b'), new StepPriority(PriorityStep::Up), new StepPriority(PriorityStep::Down))];
    $chain = Story::run($rules, Story::change($task, $task->tagged('a'), $rules));
    expect(Story::told($chain))->toBe(['0 t1 on-a kept femi']);
});

it('records no decision where no rule listens', function (): void {
    $task = Story::task();
    $chain = Story::run([review()], Story::change($task, $task->tagged('a')));
    expect(Story::told($chain))
        ->toBe(['0 t1 nobody listens'])
        ->and($chain->links[0]->decision)
        ->toBeNull();
});

it('sends a task to be reviewed, never by whoever did it, and back to them', function (): void {
    $rules = [review()];
    $task = Story::task();
    $sent = Story::run($rules, Story::change($task, $task->inStatus(TaskStatus::InReview), $rules));
    $reviewed = $sent->subjects['t1'];
    expect(Story::told($sent))
        ->toBe(['0 t1 review assigned ayumi', '1 t1 nobody listens'])
        ->and([$reviewed->holderId, $reviewed->reviewerId, $reviewed->lastReviewerId])
        ->toBe(['femi', 'ayumi', null])
        ->and(Bench::narrowing($sent->links[0]->decision ?? throw new LogicException()))
        ->toBe(['pool' => ['ayumi', 'callum'], 'present' => ['ayumi']]);
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
    expect($chain->subjects['t1']->reviewerId)->toBe($expected)->and($chain->subjects['t1']->holderId)->toBe('femi');
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
    expect($chain->subjects['t1']->reviewerId)
        ->toBeNull()
        ->and($chain->subjects['t1']->tags)
        ->toBe(['again', 'seen']);
});

it('gives what is sent back to the substitute of whoever did it and is away', function (): void {
    $rule = Build::rule(
        'back',
        new PersonInField('task.assignee'),
        new SamePerson(),
        when: [new StatusBecomes([TaskStatus::Working], [TaskStatus::InReview])],
    );
    $of = static fn(string $holder): Subject => Story::task()
        ->heldBy($holder)
        ->inStatus(TaskStatus::InReview)
        ->reviewedBy('ayumi');
    $there = Story::run([$rule], Story::change($of('femi'), $of('femi')->inStatus(TaskStatus::Working), [$rule]));
    $away = Story::run([$rule], Story::change($of('callum'), $of('callum')->inStatus(TaskStatus::Working), [$rule]));
    expect(Story::told($there))
        ->toBe(['0 t1 back kept femi'])
        ->and(Story::told($away))
        ->toBe(['0 t1 back assigned tobias', '1 t1 nobody listens'])
        ->and($away->links[0]->decision?->standIn()?->namedId)
        ->toBe('callum')
        ->and($away->subjects['t1']->covering)
        ->toEqual(new Covering('callum', 'callum-2026-03-02'));
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
    expect(Story::told($chain))
        ->toBe(['0 t1 on-a kept femi', '1 t1 on-b kept femi', '2 t1 kept femi'])
        ->and($chain->cut?->reason)
        ->toBe(CutReason::Circle)
        ->and($chain->cut?->ruleIds)
        ->toBe(['on-a', 'on-b'])
        ->and($chain->cut?->taskId)
        ->toBe('t1')
        ->and($chain->subjects['t1']->tags)
        ->toBe(['a'])
        ->and(Bench::verdicts($chain->links[2]->decision ?? throw new LogicException()))
        ->toBe(['acted_already', 'not_this_event']);
});

it('does not tell of a rule that would only do again what is done', function (): void {
    $rule = Build::rule('r', null, then: [new AddTag('b')], when: [new TagOn(['a', 'b'])]);
    $task = Story::task();
    $chain = Story::run([$rule], Story::change($task, $task->tagged('a'), [$rule]));
    expect(Story::told($chain))
        ->toBe(['0 t1 r kept femi', '1 t1 kept femi'])
        ->and($chain->cut)
        ->toBeNull();
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
    expect(Story::told($chain))
        ->toBe(['0 t1 to-femi assigned femi', '1 t1 to-ayumi assigned ayumi', '2 t1 kept ayumi'])
        ->and($chain->cut?->reason)
        ->toBe(CutReason::Circle);
});

it('makes a task on which the other waits, and goes on when it is done', function (): void {
    $ask = onTag(
        'parts',
        new CreateTask('quote', MergedText::parse('Order parts'), for: new NamedPeople(['ayumi']), wait: true),
    );
    $task = Story::task();
    $asked = Story::run([$ask], Story::change($task, $task->tagged('parts'), [$ask]));
    $waiting = $asked->subjects['t1'];
    $made = $asked->subjects['t1.1'];
    expect(Story::told($asked))
        ->toBe(['0 t1 on-parts kept femi', '1 t1 nobody listens', '1 t1.1 kept ayumi'])
        ->and([$waiting->status, $waiting->waitsOn, $waiting->resumesAs])
        ->toBe([TaskStatus::Waiting, ['t1.1'], TaskStatus::Working])
        ->and([$made->holderId, $made->madeById, $made->customerId])
        ->toBe(['ayumi', 't1', 'band']);
    $done = Story::run([$ask], Story::change($made, $made->inStatus(TaskStatus::Done), [$ask]), [$waiting]);
    expect($done->subjects['t1']->status)
        ->toBe(TaskStatus::Working)
        ->and($done->subjects['t1']->waitsOn)
        ->toBe([])
        ->and($done->links[1]->causedBy)
        ->toBe(0);
});

it('gives all tasks of a customer the same owner, and raises that they have it', function (): void {
    $rules = [
        Build::rule(
            'own',
            new NamedPeople(['ayumi']),
            new InOrder(),
            then: [new GiveOwner()],
            when: [new TagOn(['ours'])],
        ),
        Build::rule(
            'follow',
            new PersonInField('customer.owner'),
            new SamePerson(),
            when: [
                new FieldChanges(
                    new FieldChange(Build::fields()->find('customer.owner') ?? throw new LogicException()),
                ),
            ],
        ),
    ];
    $task = Story::task();
    $other = Story::task('t2')->heldBy('tobias');
    $strange = Story::task('t3')->with(['customerId' => 'school']);
    $chain = Story::run($rules, Story::change($task, $task->tagged('ours'), $rules), [$other, $strange]);
    expect(Story::told($chain))
        ->toBe([
            '0 t1 own assigned ayumi',
            '1 t1 follow kept ayumi',
            '1 t2 follow assigned ayumi',
            '2 t2 nobody listens',
        ])
        ->and(array_keys($chain->subjects))
        ->toBe(['t1', 't2'])
        ->and($chain->subjects['t2']->holderId)
        ->toBe('ayumi');
});

it('counts what earlier decisions of the chain have given', function (): void {
    $rules = [
        onTag(
            'two',
            new CreateTask('quote', MergedText::parse('One')),
            new CreateTask('quote', MergedText::parse('Two')),
        ),
        Build::rule(
            'spread',
            new NamedPeople(['ayumi', 'tobias']),
            new InOrder(),
            limits: [new OpenTasksAtMost(1)],
            when: [new TaskArrives()],
        ),
    ];
    $task = Story::task();
    $chain = Story::run($rules, Story::change($task, $task->tagged('two'), $rules));
    expect([$chain->subjects['t1.1']->holderId, $chain->subjects['t1.2']->holderId])->toBe(['ayumi', 'tobias']);
});

it('takes turns of a rotation one after the other within a chain', function (): void {
    $rules = [
        onTag(
            'two',
            new CreateTask('quote', MergedText::parse('One')),
            new CreateTask('quote', MergedText::parse('Two')),
        ),
        Build::rule('round', new NamedPeople(['ayumi', 'tobias']), new RoundRobin('ring'), when: [new TaskArrives()]),
    ];
    $task = Story::task();
    $chain = Story::run($rules, Story::change($task, $task->tagged('two'), $rules));
    expect([$chain->subjects['t1.1']->holderId, $chain->subjects['t1.2']->holderId])
        ->toBe(['ayumi', 'tobias'])
        ->and($chain->rotations->named('ring')->passes)
        ->toHaveCount(2);
});

it('lets follow-ups act on what is done, and gives it to nobody', function (): void {
    $rule = Build::rule(
        'r',
        new NamedPeople(['ayumi']),
        new InOrder(),
        then: [new AddTag('paid')],
        when: [new StatusBecomes([TaskStatus::Done])],
    );
    $task = Story::task();
    $chain = Story::run([$rule], Story::change($task, $task->inStatus(TaskStatus::Done), [$rule]));
    expect($chain->subjects['t1']->holderId)
        ->toBe('femi')
        ->and($chain->subjects['t1']->tags)
        ->toBe(['paid']);
});

it('is recorded so that the whole of it can be had again', function (): void {
    $rules = [
        Build::rule(
            'was',
            new NamedPeople(['ayumi']),
            new InOrder(),
            if: [
                'all' => [
                    ['field' => 'task.status', 'op' => 'changed_from_to', 'value' => ['working', 'in_review']],
                    ['field' => 'task.assignee', 'op' => 'in_team', 'value' => 'workshop'],
                    ['field' => 'task.due', 'op' => 'before', 'value' => ['now' => '+2 working_days']],
                ],
            ],
            when: [new StatusBecomes([TaskStatus::InReview])],
            seat: SeatName::Reviewer,
        ),
        onTag('other', new AddTag('x')),
        review(),
        Build::rule(
            'done',
            null,
            then: [new SetStatus(TaskStatus::Working)],
            when: [new TagOff(['x']), new ChecklistComplete()],
        ),
    ];
    $task = Story::task();
    $decision =
        Story::run($rules, Story::change($task, $task->inStatus(TaskStatus::InReview), $rules))->links[0]->decision ??
        throw new LogicException();
    $written = DecisionFormat::write($decision);
    $kept = json_decode(
        (string) json_encode([
            DecisionRecord::of($decision),
            FactsFormat::values($decision->change->facts, Build::fields()),
        ]),
        true,
    );
    expect(json_encode(DecisionFormat::expand(Node::root($kept[0]), $kept[1], $decision->rulebook)))
        ->toBe(json_encode($written))
        ->and($written['seat'])
        ->toBe('reviewer')
        ->and($written['cause'])
        ->toBe('person')
        ->and((array) $written['before'])
        ->toBe(['task.status' => 'working'])
        ->and(array_column($written['verdicts'], 'verdict'))
        ->toBe(['criterion_failed', 'not_this_event', 'decided', 'not_this_event'])
        ->and($written['verdicts'][0]['failed']['comparison']['op'])
        ->toBe('in_team');
});
