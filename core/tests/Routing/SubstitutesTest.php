<?php

declare(strict_types=1);

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Pool\Weighted;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Work;

/** Callum is away this week and Tobias, who is not on the brass bench, stands in for him. */
function withSubstitutes(Pool $pool, Method $method, array $limits = []): Rule
{
    $rule = Build::rule('r', $pool, $method);

    return new Rule(
        'r',
        'R',
        $rule->events,
        $rule->criteria,
        new Give($pool, $method, $limits, new NextRule(), substitutes: true),
    );
}

/** @return array<string, list<string>> who is kept, by step */
function whoIsLeft(Decision $decision): array
{
    $steps = [];
    foreach ($decision->attempts[0]->steps as $step) {
        $steps[$step->code] = $step->ids();
    }

    return $steps;
}

it('puts their substitute in the place of whoever is away', function (): void {
    $brass = new TeamMembers('brass');
    $decision = Bench::decide([withSubstitutes(new NamedPeople(['callum', 'femi']), new InOrder())]);
    expect(whoIsLeft($decision))->toBe([
        'pool' => ['callum', 'femi'],
        'present' => ['femi'],
        Step::SUBSTITUTES => ['tobias', 'femi'],
    ]);
    expect($decision->assigneeId)->toBe('tobias');
    expect($decision->standIn()?->namedId)->toBe('callum');
    expect($decision->subjectAfter()->covering?->forId)->toBe('callum');

    // Whoever has a place of their own gets it for themselves.
    $own = Bench::decide([withSubstitutes($brass, new InOrder())]);
    expect([$own->assigneeId, $own->standIn(), $own->subjectAfter()->covering])->toBe(['ayumi', null, null]);

    // Without it, the absent are skipped.
    expect(Bench::decide([Build::rule('r', new NamedPeople(['callum', 'femi']), new InOrder())])->assigneeId)->toBe(
        'femi',
    );
});

it('holds substitutes to the limits, too', function (): void {
    $pool = new NamedPeople(['callum', 'femi']);
    expect(Bench::decide([withSubstitutes($pool, new InOrder(), [new SkillAtLeast('brass', 1)])])->assigneeId)->toBe(
        'femi',
    );
    $work = Work::of([Build::item('t', 'tobias', 60)]);
    $busy = Bench::decide([withSubstitutes($pool, new InOrder(), [new OpenTasksAtMost(1)])], null, $work);
    expect($busy->assigneeId)->toBe('femi');
});

it('reads the work of those who may stand in', function (): void {
    $rule = withSubstitutes(new NamedPeople(['callum', 'femi']), new InOrder(), [new OpenTasksAtMost(1)]);
    $router = new Router(Bench::house(), CompiledRulebook::compile(new Rulebook(Build::fields(), [$rule]), 'v'));
    expect($router->needs(Build::event())->people)->toBe(['callum', 'tobias', 'femi']);
});

it('gives nobody two places', function (): void {
    // Oona and Femi are away, and Ayumi stands in for both; Callum stands in for Rosa, and is of the pool himself.
    $away = static fn(string $id, string $by): mixed => Build::absence($id, '2026-03-02', '2026-03-04', [$by]);
    $roster = new Roster(
        Build::calendar(),
        array_map(static fn(string $id): mixed => Build::person($id), ['oona', 'femi', 'rosa', 'callum', 'ayumi']),
        [],
        [],
        [$away('oona', 'ayumi'), $away('femi', 'ayumi'), $away('rosa', 'callum')],
    );
    $rule = withSubstitutes(new NamedPeople(['oona', 'femi', 'rosa', 'callum']), new InOrder());
    $decision = Bench::decide([$rule], roster: $roster);
    expect(whoIsLeft($decision)[Step::SUBSTITUTES])->toBe(['ayumi', 'callum']);
    expect($decision->subjectAfter()->covering?->forId)->toBe('oona');
});

it('takes the turns of whoever is away, who has had them when they are back', function (): void {
    $rule = withSubstitutes(new NamedPeople(['callum', 'femi']), new RoundRobin('bench'));
    $rotations = new Rotations();
    $got = [];
    foreach (range(1, 4) as $number) {
        $decision = Bench::decide([$rule], Build::event(id: "e{$number}"), null, $rotations);
        $rotations = $decision->rotationsAfter($rotations);
        $got[] = $decision->assigneeId;
    }
    expect($got)->toBe(['tobias', 'femi', 'tobias', 'femi']);
    // Half a stride to begin with, and a stride for each turn: Tobias has no seat of his own.
    $half = 5_000_000;
    expect($rotations->named('bench')->passes)->toBe(['callum' => 5 * $half, 'femi' => 5 * $half]);

    // On Saturday Callum is back, and it is nobody's turn more than the other's.
    $back = Bench::decide([$rule], Build::event(at: '2026-03-07T10:00:00Z'), null, $rotations);
    expect($back->assigneeId)->toBe('callum');
});

it('weighs turns by level', function (): void {
    $counts = static function (Pool $pool, int $turns): array {
        $roster = new Roster(
            Build::calendar(),
            [Build::person('a', ['brass' => 1]), Build::person('b', ['brass' => 3]), Build::person('c')],
            [new Team('t', 'T', [new Membership('a', 50), new Membership('b'), new Membership('c')])],
            ['brass' => 'Brass'],
        );
        $rotation = new Rotation('x');
        $counts = ['a' => 0, 'b' => 0, 'c' => 0];
        for ($turn = 0; $turn < $turns; ++$turn) {
            $members = $pool->members($roster, Build::facts([]));
            [$id, $rotation] = $rotation->joinedBy($members)->turn($members);
            ++$counts[$id];
        }

        return $counts;
    };
    expect($counts(new SkilledPeople('brass', byLevel: true), 12))->toBe(['a' => 3, 'b' => 9, 'c' => 0]);
    expect($counts(new SkilledPeople('brass'), 12))->toBe(['a' => 6, 'b' => 6, 'c' => 0]);
    expect($counts(new Weighted(new NamedPeople(['a', 'b', 'c']), ['b'], 200), 12))->toBe([
        'a' => 3,
        'b' => 6,
        'c' => 3,
    ]);
    // Of a team, whoever is not named keeps the weight that they have in it: 50, 50 and 100.
    expect($counts(new Weighted(new TeamMembers('t'), ['b'], 50), 12))->toBe(['a' => 3, 'b' => 3, 'c' => 6]);
    expect((new Weighted(new NamedPeople(['a']), ['a'], 50))->namesOne())->toBeTrue();
    expect((new Weighted(new TeamMembers('t'), ['a'], 50))->namesOne())->toBeFalse();
});

it('remembers who held a task before', function (): void {
    $task = Build::event()->after->heldBy('ayumi');
    expect($task->previousHolderId)->toBeNull();
    expect($task->heldBy('femi')->previousHolderId)->toBe('ayumi');
    expect($task->heldBy('femi')->heldBy('femi')->previousHolderId)->toBe('ayumi');
    expect($task->heldBy(null)->previousHolderId)->toBe('ayumi');
    expect($task->heldBy(null)->heldBy('ayumi')->previousHolderId)->toBe('ayumi');
    expect($task->heldBy('femi')->heldBy('callum')->previousHolderId)->toBe('femi');
});
