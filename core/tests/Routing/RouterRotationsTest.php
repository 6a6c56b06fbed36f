<?php

declare(strict_types=1);

use OpenBaton\Core\Check\RotationUse;
use OpenBaton\Core\Routing\Exclusion;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\DueIn;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Workload\Work;

it('moves the rotation of the rule that decided and of no other', function (): void {
    $decision = Bench::decide([
        Build::rule(
            'nobody',
            new TeamMembers('brass'),
            new RoundRobin('first'),
            limits: [new SkillAtLeast('strings', 3)],
        ),
        Build::rule('brass', new TeamMembers('brass'), new RoundRobin('second')),
    ]);
    $rotations = $decision->rotationsAfter(new Rotations());
    expect(array_keys($rotations->byName))->toBe(['second']);

    // Callum is away and joins the rotation all the same.
    expect($rotations->named('second')->passes)->toBe([
        'ayumi' => 15_000_000,
        'femi' => 5_000_000,
        'callum' => 5_000_000,
    ]);
});

it('lets rules share a rotation', function (): void {
    $rules = [
        Build::rule('quotes', new TeamMembers('brass'), new RoundRobin('bench'), [
            'field' => 'task.kind',
            'op' => 'is',
            'value' => 'quote',
        ]),
        Build::rule('repairs', new TeamMembers('brass'), new RoundRobin('bench')),
    ];
    $first = Bench::decide($rules, Build::event(['task.kind' => 'quote']));
    $second = Bench::decide(
        $rules,
        Build::event(['task.kind' => 'repair']),
        rotations: $first->rotationsAfter(new Rotations()),
    );
    expect([$first->assigneeId, $second->assigneeId])->toBe(['ayumi', 'femi']);
});

it('says whose turn was taken, and of whom it was before', function (): void {
    $rotations = Rotations::of([new Rotation('bench', 0, ['callum' => 1, 'ayumi' => 9, 'femi' => 3])]);
    $rule = Build::rule('r', new TeamMembers('brass'), new RoundRobin('bench'), limits: [new SkillAtLeast('brass', 3)]);
    $turn = Bench::decide([$rule], rotations: $rotations)->turn();
    expect([$turn?->rotation, $turn?->personId, $turn?->inPlaceOf])->toBe(['bench', 'ayumi', null]);
    expect(
        array_map(static fn(Exclusion $one): array => [$one->personId, $one->reasons], $turn->passedOver ?? []),
    )->toBe([['callum', ['absent']], ['femi', ['skill_at_least']]]);
    expect(Bench::decide([Build::rule('r', new TeamMembers('brass'), new InOrder())])->turn())->toBeNull();
});

it('knows which rules share a rotation, and who belongs to it by them', function (): void {
    $rules = RotationUse::rules(
        new Rulebook(Build::fields(), [
            Build::rule('a', new TeamMembers('brass'), new RoundRobin('bench')),
            Build::rule('b', new PersonInField('case.owner'), new RoundRobin('owners')),
            Build::rule('c', new NamedPeople(['tobias', 'femi']), new RoundRobin('bench')),
            Build::rule('d', new TeamMembers('brass'), new InOrder()),
        ]),
    );
    $uses = array_map(
        static fn(array $of): RotationUse => RotationUse::of($of, Bench::house(), Build::at('2026-03-02 10:00')),
        $rules,
    );
    expect(
        array_map(
            static fn(RotationUse $use): array => [
                array_column($use->rules, 'id'),
                array_keys($use->members),
                $use->varies,
            ],
            $uses,
        ),
    )->toBe(['bench' => [['a', 'c'], ['ayumi', 'femi', 'callum', 'tobias'], false], 'owners' => [['b'], [], true]]);
    $seated = $uses['owners']->seatedIn(new Rotation('owners', 0, ['greta' => 5, 'gone' => 5]), Bench::house());
    expect(array_keys($seated))->toBe(['greta']);
});

it('carries the new task as load of the person, with its new due date', function (): void {
    $decision = Bench::decide(
        [Build::rule('r', new NamedPeople(['femi']), new InOrder(), then: [new DueIn(WorkingSpan::days(1))])],
        Build::event(minutes: 90),
    );
    $held = $decision->workAfter(Work::of([]))->held('femi');
    expect($held->openTasks())->toBe(1);
    expect($held->lastAssignedAt)->toBe(Build::at('2026-03-02 10:00'));
    expect($held->loading[0]->effort->left())->toBe(90);
    expect($held->loading[0]->dueAt)->toBe(Build::at('2026-03-03 17:00'));
});

it('refuses a rule that does nothing', function (): void {
    Build::rule('idle', null);
})->throws(InvalidArgumentException::class, 'neither');

it('starts a rotation from the state it is given', function (): void {
    $rotations = Rotations::of([new Rotation('bench', 0, ['ayumi' => 9_000_000, 'femi' => 3_000_000])]);
    expect(
        Bench::decide([Build::rule('r', new TeamMembers('brass'), new RoundRobin('bench'))], rotations: $rotations)
            ->assigneeId,
    )->toBe('femi');
});

it(
    'needs the work of those whom rules that hold may give to by it, and the rotations of those rules',
    function (): void {
        $rulebook = CompiledRulebook::compile(
            new Rulebook(Build::fields(), [
                Build::rule('mark', null, then: [new AddTag('seen')]),
                Build::rule('bench', new TeamMembers('brass'), new RoundRobin('bench')),
                Build::rule(
                    'limited',
                    new NamedPeople(['tobias']),
                    new RoundRobin('strings'),
                    limits: [new OpenTasksAtMost(2)],
                ),
                Build::rule(
                    'covered',
                    new PersonInField('case.owner'),
                    new SamePerson(),
                    limits: [new OpenTasksAtMost(9)],
                ),
                Build::rule('other', new NamedPeople(['femi']), new LightestLoad(), [
                    'field' => 'task.kind',
                    'op' => 'is',
                    'value' => 'quote',
                ]),
            ]),
            'v1',
        );
        $needs = (new Router(Bench::house(), $rulebook))->needs(
            Build::event(['task.kind' => 'repair', 'case.owner' => 'ayumi']),
        );
        expect($needs->people)->toBe(['tobias', 'ayumi']);

        // Only the lightest load asks for how long somebody was given nothing.
        expect($needs->lastAssigned)->toBe([]);
        expect(
            (new Router(Bench::house(), $rulebook))->needs(Build::event(['task.kind' => 'quote']))->lastAssigned,
        )->toBe(['femi']);
        expect($needs->rotations)->toBe(['bench', 'strings']);

        // Callum is away and Tobias stands in: it is his work that counts.
        expect((new Router(Bench::house(), $rulebook))->needs(Build::event(['case.owner' => 'callum']))->people)->toBe([
            'tobias',
        ]);
    },
);
