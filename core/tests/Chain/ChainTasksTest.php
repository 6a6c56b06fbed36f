<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\ChainState;
use OpenBaton\Core\Chain\TasksReached;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\Event\ChecklistComplete;
use OpenBaton\Core\Rulebook\Event\FieldChanges;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\TagOff;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FieldChange;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\GiveOwner;
use OpenBaton\Core\Rulebook\FollowUp\SetStatus;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\StillSurroundings;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

require_once __DIR__ . '/ChainFunctions.php';

it('makes a task on which the other waits, and goes on when it is done', function (): void {
    $ask = onTag(
        'parts',
        new CreateTask('quote', MergedText::parse('Order parts'), for: new NamedPeople(['ayumi']), wait: true),
    );
    $task = Story::task();
    $asked = Story::run([$ask], Story::change($task, $task->tagged('parts'), [$ask]));
    $waiting = $asked->subjects['t1'];
    $made = $asked->subjects['t1.1'];
    expect(Story::told($asked))->toBe(['0 t1 on-parts kept femi', '1 t1 nobody listens', '1 t1.1 kept ayumi']);
    expect([$waiting->status, $waiting->waitsOn, $waiting->resumesAs])->toBe([
        TaskStatus::Waiting,
        ['t1.1'],
        TaskStatus::Working,
    ]);
    expect([$made->holderId, $made->madeById, $made->customerId])->toBe(['ayumi', 't1', 'band']);
    $done = Story::run([$ask], Story::change($made, $made->inStatus(TaskStatus::Done), [$ask]), [$waiting]);
    expect($done->subjects['t1']->status)->toBe(TaskStatus::Working);
    expect($done->subjects['t1']->waitsOn)->toBe([]);
    expect($done->links[1]->causedBy)->toBe(0);
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
    expect(Story::told($chain))->toBe([
        '0 t1 own assigned ayumi',
        '1 t1 follow kept ayumi',
        '1 band nobody listens',
        '2 t2 follow assigned ayumi',
        '3 t2 nobody listens',
    ]);
    expect(array_keys($chain->subjects))->toBe(['t1', 'band', 't2']);
    expect($chain->subjects['band']->holderId)->toBe('ayumi');
    expect($chain->subjects['t2']->holderId)->toBe('ayumi');
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
    expect([$chain->subjects['t1.1']->holderId, $chain->subjects['t1.2']->holderId])->toBe(['ayumi', 'tobias']);
    expect($chain->rotations->named('ring')->passes)->toHaveCount(2);
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
    expect($chain->subjects['t1']->holderId)->toBe('femi');
    expect($chain->subjects['t1']->tags)->toBe(['paid']);
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
    expect(json_encode(DecisionFormat::expand(Node::root($kept[0]), $kept[1], $decision->rulebook)))->toBe(
        json_encode($written),
    );
    expect($written['seat'])->toBe('reviewer');
    expect($written['cause'])->toBe('person');
    expect((array) $written['before'])->toBe(['task.status' => 'working']);
    expect(array_column($written['verdicts'], 'verdict'))->toBe([
        'criterion_failed',
        'not_this_event',
        'decided',
        'not_this_event',
    ]);
    expect($written['verdicts'][0]['failed']['comparison']['op'])->toBe('in_team');
});

it('goes on waiting while the other is open', function (): void {
    $waiting = Story::task('t2')->with(['status' => TaskStatus::Waiting, 'waitsOn' => ['t1']]);
    $task = Story::task();
    $changed = Story::run([], Story::change($task, $task->with(['priority' => Priority::High]), []), [$waiting]);
    expect(array_keys($changed->subjects))->not->toContain('t2');
});

it('remembers what a task was before all that the effects of a decision change', function (): void {
    $state = new ChainState(new StillSurroundings(Work::of([]), new Rotations()));
    $reached = new TasksReached($state, 't1', []);
    [$first, $second, $third] = [Story::task('t2'), Story::task('t2')->tagged('a'), Story::task('t2')->tagged('b')];
    $reached->change($first, $second);
    $reached->change($second, $third);
    expect($reached->changed())->toBe([[$first, $third]]);
});
