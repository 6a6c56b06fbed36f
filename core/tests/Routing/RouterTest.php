<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\DueIn;
use OpenBaton\Core\Rulebook\FollowUp\HoursOf;
use OpenBaton\Core\Rulebook\FollowUp\SetPriority;
use OpenBaton\Core\Rulebook\FollowUp\Watch;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\Effect\DueImpossible;
use OpenBaton\Core\Subject\Effect\TagAdded;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\Work;

it('asks rules in order, and the first that holds and finds somebody decides', function (): void {
    $decision = Bench::decide(
        [
            Build::rule('quotes', new NamedPeople(['tobias']), new InOrder(), [
                'field' => 'task.kind',
                'op' => 'is',
                'value' => 'quote',
            ]),
            Build::rule('off', new NamedPeople(['tobias']), new InOrder(), active: false),
            Build::rule(
                'past',
                new NamedPeople(['tobias']),
                new InOrder(),
                validUntil: Build::at('2026-03-02T10:00:00Z'),
            ),
            Build::rule(
                'future',
                new NamedPeople(['tobias']),
                new InOrder(),
                validFrom: Build::at('2026-03-02T10:00:01Z'),
            ),
            Build::rule('nobody', new NamedPeople(['greta']), new InOrder()),
            Build::rule('brass', new TeamMembers('brass'), new RoundRobin('bench')),
            Build::rule('rest', new NamedPeople(['tobias']), new InOrder()),
        ],
        Build::event(['task.kind' => 'repair']),
    );

    expect($decision->assigneeId)->toBe('ayumi');
    expect($decision->outcome)->toBe(Outcome::Assigned);
    expect($decision->decidingRule()?->id)->toBe('brass');
    expect(Bench::verdicts($decision))->toBe([
        'criterion_failed',
        'paused',
        'not_in_force',
        'not_in_force',
        'nobody_eligible',
        'decided',
        'not_reached',
    ]);
    expect($decision->verdicts()[0]->failed?->seen)->toBe('repair');
});

it('narrows the pool step by step and keeps why each fell out', function (): void {
    $work = Work::of([Build::item('t1', 'femi', 60), Build::item('t2', 'femi', 60)]);
    $decision = Bench::decide(
        [
            Build::rule(
                'brass',
                new TeamMembers('brass'),
                new RoundRobin('bench'),
                limits: [new OpenTasksAtMost(2), new SkillAtLeast('brass', 3)],
            ),
        ],
        work: $work,
    );

    expect(Bench::narrowing($decision))->toBe([
        'pool' => ['ayumi', 'femi', 'callum'],
        'present' => ['ayumi', 'femi'],
        'open_tasks_at_most' => ['ayumi'],
        'skill_at_least' => ['ayumi'],
    ]);
    expect(Bench::excluded($decision, 'present'))->toBe([
        'callum' => ['reasons' => ['absent'], 'away_until' => Build::at('2026-03-07')],
    ]);
    expect(Bench::excluded($decision, 'open_tasks_at_most'))->toBe([
        'femi' => ['reasons' => ['open_tasks_at_most'], 'open_tasks' => 2, 'at_most' => 2],
    ]);
});

it('leaves a task unplaced where no rule finds anybody', function (): void {
    $decision = Bench::decide([Build::rule('greta', new NamedPeople(['greta']), new InOrder())]);
    expect($decision->outcome)->toBe(Outcome::Unplaced);
    expect($decision->assigneeId)->toBeNull();
    expect($decision->decidedBy)->toBeNull();
    expect(Bench::decide([])->outcome)->toBe(Outcome::Unplaced);
});

it(
    'fills the seat, then carries out the follow-ups of all rules that hold in the order of the rulebook',
    function (): void {
        $decision = Bench::decide([
            Build::rule('mark', null, then: [new AddTag('seen'), new SetPriority(Priority::Low)]),
            Build::rule(
                'brass',
                new TeamMembers('brass'),
                new InOrder(),
                then: [new SetPriority(Priority::High), new DueIn(WorkingSpan::days(3))],
            ),
            Build::rule('other', new TeamMembers('brass'), new InOrder(), then: [new AddTag('never')]),
            Build::rule('quotes', new TeamMembers('brass'), new InOrder(), [
                'field' => 'task.kind',
                'op' => 'is',
                'value' => 'quote',
            ]),
            Build::rule('after', null, then: [new AddTag('last'), new Watch(new PersonInField('task.assignee'))]),
        ]);
        expect(Bench::verdicts($decision))->toBe([
            'followed_up',
            'decided',
            'not_reached',
            'criterion_failed',
            'followed_up',
        ]);
        expect(array_map(DecisionRecord::effect(...), $decision->effects))->toBe([
            ['effect' => 'tag_added', 'tag' => 'seen'],
            ['effect' => 'priority_set', 'priority' => 'low'],
            ['effect' => 'priority_set', 'priority' => 'high'],
            ['effect' => 'due_set', 'due' => '2026-03-05T17:00:00Z'],
            ['effect' => 'tag_added', 'tag' => 'last'],
            ['effect' => 'watched', 'people' => ['ayumi']],
        ]);
        expect(array_keys($decision->effectsOf))->toBe([0, 1, 4]);
        expect($decision->subjectAfter()->priority)->toBe(Priority::High);
        expect($decision->subjectAfter()->dueAt)->toBe(Build::at('2026-03-05 17:00'));
    },
);

it('counts working time of the assignee where the due date says so', function (): void {
    $roster = new Roster(Build::calendar(), [
        Build::person('elina', [], Build::calendar('Europe/Helsinki', '08:00-12:00')),
    ]);
    $rule = static fn(bool $ofAssignee): Rule => Build::rule(
        'r',
        new NamedPeople(['elina']),
        new InOrder(),
        then: [new DueIn(WorkingSpan::minutes(240), $ofAssignee ? HoursOf::Assignee : HoursOf::House)],
    );
    // Elina works 06:00 to 10:00 UTC; at 10:00 she is done for the day.
    expect(Bench::decide([$rule(false)], roster: $roster)->subjectAfter()->dueAt)->toBe(Build::at('2026-03-02 14:00'));
    expect(Bench::decide([$rule(true)], roster: $roster)->subjectAfter()->dueAt)->toBe(Build::at('2026-03-03 10:00'));
});

it('says so where a due date cannot be, and goes on', function (): void {
    $never = new Roster(Build::calendar(weekdays: []), [Build::person('ayumi')]);
    $decision = Bench::decide(
        [
            Build::rule(
                'due',
                new NamedPeople(['ayumi']),
                new InOrder(),
                then: [new DueIn(WorkingSpan::days(2)), new AddTag('seen')],
            ),
        ],
        roster: $never,
    );
    expect($decision->assigneeId)->toBe('ayumi');
    expect($decision->effects)->toEqual([new DueImpossible(), new TagAdded('seen')]);
    expect(DecisionRecord::effect($decision->effects[0]))->toBe(['effect' => 'due_impossible']);
});
