<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Limit\LoadRatioAtMost;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\Open;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\AskLead;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Otherwise\DropLimit;
use OpenBaton\Core\Rulebook\Otherwise\OpenToTeam;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\Intersection;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Pool\Union;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Work;

it('asks the substitute of one named person, with the way there', function (string $kind): void {
    $pool = $kind === 'field' ? new PersonInField('case.owner') : new NamedPeople(['callum']);
    $decision = Bench::decide(
        [Build::rule('owner', $pool, new SamePerson())],
        Build::event(['case.owner' => 'callum']),
    );
    expect($decision->assigneeId)->toBe('tobias');
    expect($decision->attempts[0]->cover?->namedId)->toBe('callum');
    expect($decision->attempts[0]->cover?->steps[0]->awayUntil)->toBe(Build::at('2026-03-07'));
    expect(Bench::narrowing($decision))->toBe(['pool' => ['callum'], 'cover' => ['tobias']]);
})->with(['field', 'people']);

it('finds nobody in a field that is empty', function (): void {
    $decision = Bench::decide([Build::rule('owner', new PersonInField('case.owner'), new SamePerson())]);
    expect(Bench::verdicts($decision))->toBe(['nobody_eligible']);
    expect(Bench::narrowing($decision))->toBe(['pool' => [], 'present' => []]);
});

it('makes pools of teams, skills, unions and exclusions', function (Pool $pool, array $expected): void {
    $decision = Bench::decide([Build::rule('r', $pool, new InOrder())], Build::event(['case.owner' => 'femi']));
    expect(Bench::narrowing($decision)['pool'])->toBe($expected);
})->with([
    'a team' => [new TeamMembers('workshop'), ['tobias']],
    'with its sub-teams' => [new TeamMembers('workshop', true), ['tobias', 'ayumi', 'femi', 'callum']],
    'without leads' => [new TeamMembers('workshop', true, false), ['femi', 'callum']],
    'a skill at a level' => [new SkilledPeople('brass', 3), ['ayumi', 'callum']],
    'a union, each once' => [
        new Union([new NamedPeople(['tobias', 'femi']), new TeamMembers('brass')]),
        ['tobias', 'femi', 'ayumi', 'callum'],
    ],
    'those in both, in the order of the first' => [
        new Intersection([
            new NamedPeople(['callum', 'tobias', 'ayumi']),
            new SkilledPeople('brass', 3),
            new TeamMembers('workshop', true),
        ]),
        ['callum', 'ayumi'],
    ],
    'those in both of which one is empty' => [
        new Intersection([new TeamMembers('brass'), new NamedPeople(['tobias'])]),
        [],
    ],
    'not the one in a field' => [
        new Except(new TeamMembers('brass'), new PersonInField('case.owner')),
        ['ayumi', 'callum'],
    ],
]);

it(
    'gives to the lightest load counting the new task, then to whoever waited longest, then in order',
    function (): void {
        $rule = [Build::rule('r', new NamedPeople(['ayumi', 'femi', 'tobias']), new LightestLoad())];
        $work = Work::of(
            [Build::item('t1', 'ayumi', 300), Build::item('t2', 'femi', 60), Build::item('t3', 'tobias', 60)],
            ['femi' => 200, 'tobias' => 100],
        );
        $decision = Bench::decide($rule, work: $work);
        // 420 minutes are left of Monday and 4 × 480 follow: 360/2340, 120/2340, 120/2340.
        expect($decision->assigneeId)->toBe('tobias');
        expect($decision->attempts[0]->choice?->figures)->toBe([
            'ayumi' => ['load_percent' => 15, 'last_assigned' => null],
            'femi' => ['load_percent' => 5, 'last_assigned' => 200],
            'tobias' => ['load_percent' => 5, 'last_assigned' => 100],
        ]);
        expect(Bench::decide($rule)->assigneeId)->toBe('ayumi');
        expect(Bench::decide($rule, work: Work::of([], ['ayumi' => 1]))->assigneeId)->toBe('femi');
    },
);

it('holds to a load ratio counting the new task', function (): void {
    // 420 + 4 × 480 = 2340 minutes of capacity; 1695 + 60 = 1755 are 75 percent exactly.
    $at = static fn(int $minutes): ?string => Bench::decide(
        [Build::rule('r', new NamedPeople(['ayumi', 'femi']), new InOrder(), limits: [new LoadRatioAtMost(75)])],
        work: Work::of([Build::item('t', 'ayumi', $minutes)]),
    )->assigneeId;
    expect($at(1695))->toBe('ayumi');
    expect($at(1696))->toBe('femi');
});

it('opens a task to all who are eligible', function (): void {
    $decision = Bench::decide([Build::rule('r', new TeamMembers('brass'), new Open())]);
    expect($decision->outcome)->toBe(Outcome::Open);
    expect($decision->openTo)->toBe(['ayumi', 'femi']);
    expect($decision->assigneeId)->toBeNull();
});

it('does what the otherwise says where nobody is eligible', function (
    Otherwise $otherwise,
    Outcome $outcome,
    ?string $assignee,
    array $openTo,
): void {
    $decision = Bench::decide([
        Build::rule('r', new NamedPeople(['greta']), new InOrder(), otherwise: $otherwise, then: [new AddTag('late')]),
        Build::rule('rest', new NamedPeople(['femi']), new InOrder()),
    ]);
    expect([$decision->outcome, $decision->assigneeId, $decision->openTo])->toBe([$outcome, $assignee, $openTo]);
    expect(Bench::verdicts($decision))->toBe(['decided', 'not_reached']);
    expect($decision->effects)->toHaveCount(1);
})->with([
    'waits' => [new WaitUnplaced(), Outcome::Unplaced, null, []],
    'a named person' => [new AskPerson('ayumi'), Outcome::Assigned, 'ayumi', []],
    'the substitute of a named person' => [new AskPerson('callum'), Outcome::Assigned, 'tobias', []],
    'the lead of a team' => [new AskLead('brass'), Outcome::Assigned, 'ayumi', []],
    'the lead of a team that has none' => [new AskLead('choir'), Outcome::Unplaced, null, []],
    'open to the team' => [new OpenToTeam('brass'), Outcome::Open, null, ['ayumi', 'femi']],
]);

/** @return list<array{string, list<string>}> who was left at each step */
function keptBySteps(Decision $decision): array
{
    return array_map(static fn(Step $step): array => [$step->code, $step->ids()], $decision->attempts[0]->steps);
}

it('tries again without a limit, once, from those who are there', function (): void {
    $limits = [new SkillAtLeast('brass', 2), new OpenTasksAtMost(1)];
    $rule = Build::rule(
        'r',
        new TeamMembers('brass'),
        new InOrder(),
        limits: $limits,
        otherwise: new DropLimit('open_tasks_at_most'),
    );
    $work = Work::of([Build::item('t1', 'ayumi', 60), Build::item('t2', 'femi', 60)]);
    $decision = Bench::decide([$rule], work: $work);
    expect($decision->assigneeId)->toBe('ayumi');
    expect(keptBySteps($decision))->toBe([
        ['pool', ['ayumi', 'femi', 'callum']],
        ['present', ['ayumi', 'femi']],
        ['skill_at_least', ['ayumi', 'femi']],
        ['open_tasks_at_most', []],
        ['again', ['ayumi', 'femi']],
        ['skill_at_least', ['ayumi', 'femi']],
    ]);
    $verdict = DecisionFormat::write($decision)['verdicts'][0];
    expect($verdict['steps'][4])->toBe(['step' => 'again', 'kept' => ['ayumi', 'femi'], 'fallen' => []]);
    expect($verdict['steps'][5])->toBe(['step' => 'skill_at_least', 'kept' => ['ayumi', 'femi'], 'fallen' => []]);
    // Nothing is dropped where somebody is within all limits.
    expect(keptBySteps(Bench::decide([$rule]))[3])->toBe(['open_tasks_at_most', ['ayumi', 'femi']]);
    expect(keptBySteps(Bench::decide([$rule])))->toHaveCount(4);
});

it('ends the search where nobody is found without the limit either', function (): void {
    $decision = Bench::decide([
        Build::rule(
            'r',
            new NamedPeople(['tobias', 'greta']),
            new InOrder(),
            limits: [new SkillAtLeast('brass', 2), new LoadRatioAtMost(100)],
            otherwise: new DropLimit('load_ratio_at_most'),
        ),
        Build::rule('rest', new NamedPeople(['femi']), new InOrder()),
    ]);
    expect([$decision->outcome, $decision->assigneeId])->toBe([Outcome::Unplaced, null]);
    expect(Bench::verdicts($decision))->toBe(['decided', 'not_reached']);
    expect(array_column(keptBySteps($decision), 1, 0)['again'])->toBe(['tobias']);
});
