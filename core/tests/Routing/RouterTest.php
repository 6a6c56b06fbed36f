<?php

declare(strict_types=1);

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Exclusion;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Routing\RuleVerdict;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\DueIn;
use OpenBaton\Core\Rulebook\FollowUp\HoursOf;
use OpenBaton\Core\Rulebook\FollowUp\SetPriority;
use OpenBaton\Core\Rulebook\Limit\LoadRatioAtMost;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\Open;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Otherwise\OpenToTeam;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Pool\Union;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\DueImpossible;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\TagAdded;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\Work;

// The event is on Monday 2 March 2026 at 10:00; Callum is away that week, Tobias stands in.
function house(): Roster
{
    return new Roster(
        Build::calendar(),
        [
            Build::person('ayumi', ['brass' => 3]),
            Build::person('femi', ['brass' => 2]),
            Build::person('callum', ['brass' => 3]),
            Build::person('tobias', ['strings' => 2]),
            Build::person('greta', active: false),
        ],
        [
            new Team('workshop', 'Workshop', Build::members('tobias'), null, 'tobias'),
            new Team('brass', 'Brass bench', [new Membership('ayumi'), new Membership('femi'), new Membership('callum')], 'workshop', 'ayumi'),
        ],
        ['brass' => 'Brass', 'strings' => 'Strings'],
        [Build::absence('callum', '2026-03-02', '2026-03-07', ['tobias'])],
    );
}

/** @param list<Rule> $rules */
function decide(array $rules, ?ChangeSet $event = null, ?Work $work = null, ?Rotations $rotations = null, ?Roster $roster = null): Decision
{
    $rulebook = CompiledRulebook::compile(new Rulebook(Build::fields(), $rules), 'v1');

    return (new Router($roster ?? house(), $rulebook))->decide($event ?? Build::event(), $work ?? Work::of([]), $rotations ?? new Rotations());
}

/** @return list<string> */
function verdicts(Decision $decision): array
{
    return array_map(static fn(RuleVerdict $verdict): string => $verdict->verdict->value, $decision->verdicts());
}

/** @return array<string, list<string>> who was kept, by step */
function narrowing(Decision $decision, int $position = 0): array
{
    $kept = [];
    foreach ($decision->attempts[$position]->steps as $step) {
        $kept[$step->code] = array_map(static fn(Membership $member): string => $member->personId, $step->kept);
    }

    return $kept;
}

/** @return array<string, array<string, mixed>> reasons and figures by person */
function fallen(Decision $decision, string $code): array
{
    $step = array_values(array_filter($decision->attempts[0]->steps, static fn(Step $step): bool => $step->code === $code))[0];

    return array_combine(
        array_map(static fn(Exclusion $one): string => $one->personId, $step->excluded),
        array_map(static fn(Exclusion $one): array => ['reasons' => $one->reasons] + $one->figures, $step->excluded),
    );
}

it('asks rules in order, and the first that holds and finds somebody decides', function (): void {
    $decision = decide([
        Build::rule('quotes', new NamedPeople(['tobias']), new InOrder(), ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']),
        Build::rule('off', new NamedPeople(['tobias']), new InOrder(), active: false),
        Build::rule('past', new NamedPeople(['tobias']), new InOrder(), validUntil: Build::at('2026-03-02T10:00:00Z')),
        Build::rule('future', new NamedPeople(['tobias']), new InOrder(), validFrom: Build::at('2026-03-02T10:00:01Z')),
        Build::rule('nobody', new NamedPeople(['greta']), new InOrder()),
        Build::rule('brass', new TeamMembers('brass'), new RoundRobin('bench')),
        Build::rule('rest', new NamedPeople(['tobias']), new InOrder()),
    ], Build::event(['task.kind' => 'repair']));

    expect($decision->assigneeId)->toBe('ayumi')
        ->and($decision->outcome)->toBe(Outcome::Assigned)
        ->and($decision->decidingRule()?->id)->toBe('brass')
        ->and(verdicts($decision))->toBe(['criterion_failed', 'paused', 'not_in_force', 'not_in_force', 'nobody_eligible', 'decided', 'not_reached'])
        ->and($decision->verdicts()[0]->failed?->seen)->toBe('repair');
});

it('narrows the pool step by step and keeps why each fell out', function (): void {
    $work = Work::of([Build::item('t1', 'femi', 60), Build::item('t2', 'femi', 60)]);
    $decision = decide([Build::rule('brass', new TeamMembers('brass'), new RoundRobin('bench'), limits: [
        new OpenTasksAtMost(2),
        new SkillAtLeast('brass', 3),
    ])], work: $work);

    expect(narrowing($decision))->toBe([
        'pool' => ['ayumi', 'femi', 'callum'],
        'present' => ['ayumi', 'femi'],
        'open_tasks_at_most' => ['ayumi'],
        'skill_at_least' => ['ayumi'],
    ])
        ->and(fallen($decision, 'present'))->toBe(['callum' => ['reasons' => ['absent'], 'away_until' => Build::at('2026-03-07')]])
        ->and(fallen($decision, 'open_tasks_at_most'))->toBe(['femi' => ['reasons' => ['open_tasks_at_most'], 'open_tasks' => 2, 'at_most' => 2]]);
});

it('leaves a task unplaced where no rule finds anybody', function (): void {
    $decision = decide([Build::rule('greta', new NamedPeople(['greta']), new InOrder())]);
    expect($decision->outcome)->toBe(Outcome::Unplaced)
        ->and($decision->assigneeId)->toBeNull()
        ->and($decision->decidedBy)->toBeNull()
        ->and(decide([])->outcome)->toBe(Outcome::Unplaced);
});

it('does not stop at a rule without a pool, and carries its follow-ups before those of the one that decides', function (): void {
    $decision = decide([
        Build::rule('mark', null, then: [new AddTag('seen'), new SetPriority(Priority::Low)]),
        Build::rule('brass', new TeamMembers('brass'), new InOrder(), then: [new SetPriority(Priority::High), new DueIn(WorkingSpan::days(3))]),
        Build::rule('after', null, then: [new AddTag('never')]),
    ]);
    expect(verdicts($decision))->toBe(['followed_up', 'decided', 'not_reached'])
        ->and(array_map(static fn(Effect $effect): array => $effect->write(), $decision->effects))->toBe([
            ['effect' => 'tag_added', 'tag' => 'seen'],
            ['effect' => 'priority_set', 'priority' => 'low'],
            ['effect' => 'priority_set', 'priority' => 'high'],
            ['effect' => 'due_set', 'due' => '2026-03-05T17:00:00Z'],
        ])
        ->and($decision->subjectAfter()->priority)->toBe(Priority::High)
        ->and($decision->subjectAfter()->dueAt)->toBe(Build::at('2026-03-05 17:00'));
});

it('counts working time of the assignee where the due date says so', function (): void {
    $roster = new Roster(Build::calendar(), [Build::person('elina', [], Build::calendar('Europe/Helsinki', '08:00-12:00'))]);
    $rule = static fn(bool $ofAssignee): Rule => Build::rule('r', new NamedPeople(['elina']), new InOrder(), then: [new DueIn(WorkingSpan::minutes(240), $ofAssignee ? HoursOf::Assignee : HoursOf::House)]);
    // Elina works 06:00 to 10:00 UTC; at 10:00 she is done for the day.
    expect(decide([$rule(false)], roster: $roster)->subjectAfter()->dueAt)->toBe(Build::at('2026-03-02 14:00'))
        ->and(decide([$rule(true)], roster: $roster)->subjectAfter()->dueAt)->toBe(Build::at('2026-03-03 10:00'));
});

it('says so where a due date cannot be, and goes on', function (): void {
    $never = new Roster(Build::calendar(weekdays: []), [Build::person('ayumi')]);
    $decision = decide([Build::rule('due', new NamedPeople(['ayumi']), new InOrder(), then: [new DueIn(WorkingSpan::days(2)), new AddTag('seen')])], roster: $never);
    expect($decision->assigneeId)->toBe('ayumi')
        ->and($decision->effects)->toEqual([new DueImpossible(), new TagAdded('seen')])
        ->and($decision->effects[0]->write())->toBe(['effect' => 'due_impossible']);
});

it('asks the substitute of one named person, with the way there', function (string $kind): void {
    $pool = $kind === 'field' ? new PersonInField('case.owner') : new NamedPeople(['callum']);
    $decision = decide([Build::rule('owner', $pool, new SamePerson())], Build::event(['case.owner' => 'callum']));
    expect($decision->assigneeId)->toBe('tobias')
        ->and($decision->attempts[0]->cover?->namedId)->toBe('callum')
        ->and($decision->attempts[0]->cover?->steps[0]->awayUntil)->toBe(Build::at('2026-03-07'))
        ->and(narrowing($decision))->toBe(['pool' => ['callum'], 'cover' => ['tobias']]);
})->with(['field', 'people']);

it('finds nobody in a field that is empty', function (): void {
    $decision = decide([Build::rule('owner', new PersonInField('case.owner'), new SamePerson())]);
    expect(verdicts($decision))->toBe(['nobody_eligible'])->and(narrowing($decision))->toBe(['pool' => [], 'present' => []]);
});

it('makes pools of teams, skills, unions and exclusions', function (Pool $pool, array $expected): void {
    $decision = decide([Build::rule('r', $pool, new InOrder())], Build::event(['case.owner' => 'femi']));
    expect(narrowing($decision)['pool'])->toBe($expected);
})->with([
    'a team' => [new TeamMembers('workshop'), ['tobias']],
    'with its sub-teams' => [new TeamMembers('workshop', true), ['tobias', 'ayumi', 'femi', 'callum']],
    'without leads' => [new TeamMembers('workshop', true, false), ['femi', 'callum']],
    'a skill at a level' => [new SkilledPeople('brass', 3), ['ayumi', 'callum']],
    'a union, each once' => [new Union([new NamedPeople(['tobias', 'femi']), new TeamMembers('brass')]), ['tobias', 'femi', 'ayumi', 'callum']],
    'not the one in a field' => [new Except(new TeamMembers('brass'), new PersonInField('case.owner')), ['ayumi', 'callum']],
]);

it('gives to the lightest load counting the new task, then to whoever waited longest, then in order', function (): void {
    $rule = [Build::rule('r', new NamedPeople(['ayumi', 'femi', 'tobias']), new LightestLoad())];
    $work = Work::of([Build::item('t1', 'ayumi', 300), Build::item('t2', 'femi', 60), Build::item('t3', 'tobias', 60)], ['femi' => 200, 'tobias' => 100]);
    $decision = decide($rule, work: $work);
    // 420 minutes are left of Monday and 4 × 480 follow: 360/2340, 120/2340, 120/2340.
    expect($decision->assigneeId)->toBe('tobias')
        ->and($decision->attempts[0]->choice?->figures)->toBe([
            'ayumi' => ['load_percent' => 15, 'last_assigned' => null],
            'femi' => ['load_percent' => 5, 'last_assigned' => 200],
            'tobias' => ['load_percent' => 5, 'last_assigned' => 100],
        ])
        ->and(decide($rule)->assigneeId)->toBe('ayumi')
        ->and(decide($rule, work: Work::of([], ['ayumi' => 1]))->assigneeId)->toBe('femi');
});

it('holds to a load ratio counting the new task', function (): void {
    // 420 + 4 × 480 = 2340 minutes of capacity; 1695 + 60 = 1755 are 75 percent exactly.
    $at = static fn(int $minutes): ?string => decide(
        [Build::rule('r', new NamedPeople(['ayumi', 'femi']), new InOrder(), limits: [new LoadRatioAtMost(75)])],
        work: Work::of([Build::item('t', 'ayumi', $minutes)]),
    )->assigneeId;
    expect($at(1695))->toBe('ayumi')->and($at(1696))->toBe('femi');
});

it('opens a task to all who are eligible', function (): void {
    $decision = decide([Build::rule('r', new TeamMembers('brass'), new Open())]);
    expect($decision->outcome)->toBe(Outcome::Open)->and($decision->openTo)->toBe(['ayumi', 'femi'])->and($decision->assigneeId)->toBeNull();
});

it('does what the otherwise says where nobody is eligible', function (Otherwise $otherwise, Outcome $outcome, ?string $assignee, array $openTo): void {
    $decision = decide([
        Build::rule('r', new NamedPeople(['greta']), new InOrder(), otherwise: $otherwise, then: [new AddTag('late')]),
        Build::rule('rest', new NamedPeople(['femi']), new InOrder()),
    ]);
    expect([$decision->outcome, $decision->assigneeId, $decision->openTo])->toBe([$outcome, $assignee, $openTo])
        ->and(verdicts($decision))->toBe(['decided', 'not_reached'])
        ->and($decision->effects)->toHaveCount(1);
})->with([
    'waits' => [new WaitUnplaced(), Outcome::Unplaced, null, []],
    'a named person' => [new AskPerson('ayumi'), Outcome::Assigned, 'ayumi', []],
    'the substitute of a named person' => [new AskPerson('callum'), Outcome::Assigned, 'tobias', []],
    'open to the team' => [new OpenToTeam('brass'), Outcome::Open, null, ['ayumi', 'femi']],
]);

it('moves the rotation of the rule that decided and of no other', function (): void {
    $decision = decide([
        Build::rule('nobody', new TeamMembers('brass'), new RoundRobin('first'), limits: [new SkillAtLeast('strings', 3)]),
        Build::rule('brass', new TeamMembers('brass'), new RoundRobin('second')),
    ]);
    $rotations = $decision->rotationsAfter(new Rotations());
    expect(array_keys($rotations->byName))->toBe(['second'])
        // Callum is away and joins the rotation all the same.
        ->and($rotations->named('second')->passes)->toBe(['ayumi' => 15_000_000, 'femi' => 5_000_000, 'callum' => 5_000_000]);
});

it('lets rules share a rotation', function (): void {
    $rules = [
        Build::rule('quotes', new TeamMembers('brass'), new RoundRobin('bench'), ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']),
        Build::rule('repairs', new TeamMembers('brass'), new RoundRobin('bench')),
    ];
    $first = decide($rules, Build::event(['task.kind' => 'quote']));
    $second = decide($rules, Build::event(['task.kind' => 'repair']), rotations: $first->rotationsAfter(new Rotations()));
    expect([$first->assigneeId, $second->assigneeId])->toBe(['ayumi', 'femi']);
});

it('carries the new task as load of the person, with its new due date', function (): void {
    $decision = decide([Build::rule('r', new NamedPeople(['femi']), new InOrder(), then: [new DueIn(WorkingSpan::days(1))])], Build::event(minutes: 90));
    $held = $decision->workAfter(Work::of([]))->held('femi');
    expect($held->openTasks())->toBe(1)
        ->and($held->lastAssignedAt)->toBe(Build::at('2026-03-02 10:00'))
        ->and($held->loading[0]->effort->left())->toBe(90)
        ->and($held->loading[0]->dueAt)->toBe(Build::at('2026-03-03 17:00'));
});

it('refuses a rule that does nothing', function (): void {
    Build::rule('idle', null);
})->throws(InvalidArgumentException::class, 'neither');

it('starts a rotation from the state it is given', function (): void {
    $rotations = Rotations::of([new Rotation('bench', 0, ['ayumi' => 9_000_000, 'femi' => 3_000_000])]);
    expect(decide([Build::rule('r', new TeamMembers('brass'), new RoundRobin('bench'))], rotations: $rotations)->assigneeId)->toBe('femi');
});

it('needs the work of those whom rules that hold may give to by it, and the rotations of those rules', function (): void {
    $rulebook = CompiledRulebook::compile(new Rulebook(Build::fields(), [
        Build::rule('mark', null, then: [new AddTag('seen')]),
        Build::rule('bench', new TeamMembers('brass'), new RoundRobin('bench')),
        Build::rule('limited', new NamedPeople(['tobias']), new RoundRobin('strings'), limits: [new OpenTasksAtMost(2)]),
        Build::rule('covered', new PersonInField('case.owner'), new SamePerson(), limits: [new OpenTasksAtMost(9)]),
        Build::rule('other', new NamedPeople(['femi']), new LightestLoad(), ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']),
    ]), 'v1');
    $needs = (new Router(house(), $rulebook))->needs(Build::event(['task.kind' => 'repair', 'case.owner' => 'ayumi']));
    expect($needs->people)->toBe(['tobias', 'ayumi'])
        // Only the lightest load asks for how long somebody was given nothing.
        ->and($needs->lastAssigned)->toBe([])
        ->and((new Router(house(), $rulebook))->needs(Build::event(['task.kind' => 'quote']))->lastAssigned)->toBe(['femi'])
        ->and($needs->rotations)->toBe(['bench', 'strings'])
        // Callum is away and Tobias stands in: it is his work that counts.
        ->and((new Router(house(), $rulebook))->needs(Build::event(['case.owner' => 'callum']))->people)->toBe(['tobias']);
});
