<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\OpenToTeam;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

require_once __DIR__ . '/PoolFunctions.php';

it('opens to those of a team who are there', function (string $team, array $expected, Outcome $outcome): void {
    $decision = Bench::decide(
        [Build::rule('r', new NamedPeople(['callum', 'tobias']), new InOrder(), otherwise: new OpenToTeam($team))],
        roster: workshop(),
    );
    expect($decision->openTo)->toBe($expected);
    expect($decision->outcome)->toBe($outcome);
})->with([
    'all but the inactive' => ['bench', ['femi', 'ayumi'], Outcome::Open],
    'all but the paused' => ['reeds', ['femi'], Outcome::Open],
    // Oona is away; the lead counts, though they are not listed.
    'the lead alone' => ['workshop', ['hanneke'], Outcome::Open],
]);

it('leaves somebody who is paused or inactive, but not away, to the rule\'s otherwise', function (
    string $person,
): void {
    $named = new NamedPeople([$person]);
    $next = Bench::decide(
        [
            Build::rule('a', $named, new SamePerson(), otherwise: new NextRule()),
            Build::rule('b', new NamedPeople(['femi']), new InOrder()),
        ],
        roster: workshop(),
    );
    $waits = Bench::decide(
        [Build::rule('a', $named, new SamePerson(), otherwise: new WaitUnplaced())],
        roster: workshop(),
    );
    expect($next->assigneeId)->toBe('femi');
    expect($next->decidingRule()?->id)->toBe('b');
    expect($waits->outcome)->toBe(Outcome::Unplaced);
    expect((new SubstituteFinder(workshop()))->find($person, Build::at('2026-03-02T10:00:00Z'))->personId)->toBeNull();
})->with(['callum', 'tobias']);

it('goes to the lead of the first team where somebody is away without a substitute', function (): void {
    $cover = (new SubstituteFinder(workshop()))->find('oona', Build::at('2026-03-02T10:00:00Z'));
    expect($cover->personId)->toBe('hanneke');
    expect($cover->byLead)->toBeTrue();
    expect($cover->circle)->toBeFalse();
});

it('reports no circle where two substitutes share a third', function (): void {
    $roster = static fn(array $substitutes): Roster => new Roster(
        Build::calendar(),
        array_map(static fn(string $id): Person => Build::person($id), ['a', 'b', 'c', 'd', 'e']),
        [],
        [],
        array_map(
            static fn(string $id, array $of) => Build::absence($id, '2026-03-02', '2026-03-07', $of),
            array_keys($substitutes),
            $substitutes,
        ),
    );
    $find = static fn(array $substitutes) => (new SubstituteFinder($roster($substitutes)))->find(
        'a',
        Build::at('2026-03-02T10:00:00Z'),
    );
    $shared = $find(['a' => ['b', 'c'], 'b' => ['d'], 'c' => ['d', 'e'], 'd' => []]);
    $circle = $find(['a' => ['b'], 'b' => ['c'], 'c' => ['b']]);
    $own = $find(['a' => ['b', 'c'], 'b' => ['a']]);
    expect([$shared->personId, $shared->circle])->toBe(['e', false]);
    expect([$circle->personId, $circle->circle])->toBe([null, true]);
    expect([$own->personId, $own->circle])->toBe(['c', true]);
});

it('answers the second question as if it were the first', function (): void {
    $finder = new SubstituteFinder(workshop());
    $at = Build::at('2026-03-02T10:00:00Z');
    $finder->find('oona', $at);
    expect($finder->find('oona', $at))->toEqual((new SubstituteFinder(workshop()))->find('oona', $at));
    expect($finder->find('hanneke', $at)->steps)->toHaveCount(1);
});

it('counts what takes time, and waiting ones where asked to', function (
    bool $countWaiting,
    int $most,
    bool $eligible,
): void {
    // Femi: one new, one that she reviews; waiting and in review for others do not load her.
    $work = Work::of([
        Build::item('new', 'femi', 60),
        Build::item('waits', 'femi', 60, status: TaskStatus::Waiting),
        Build::item('hers', 'femi', 60, status: TaskStatus::InReview, reviewer: 'ayumi'),
        Build::item('reviews', 'ayumi', 60, status: TaskStatus::InReview, reviewer: 'femi'),
        Build::item('done', 'femi', 60, status: TaskStatus::Done),
    ]);
    $decision = Bench::decide(
        [
            Build::rule(
                'r',
                new NamedPeople(['femi']),
                new InOrder(),
                limits: [new OpenTasksAtMost($most, $countWaiting)],
            ),
        ],
        work: $work,
        roster: workshop(),
    );
    expect($decision->assigneeId)->toBe($eligible ? 'femi' : null);
})->with([[false, 2, false], [false, 3, true], [true, 3, false], [true, 4, true]]);

it('finds members of a team on the days that they are in it', function (
    ?string $from,
    ?string $until,
    bool $found,
): void {
    $day = static fn(?string $date): ?LocalDate => $date === null ? null : LocalDate::parse($date);
    $roster = new Roster(
        Build::calendar(),
        [Build::person('a'), Build::person('b')],
        [new Team('t', 'T', [new Membership('a'), new Membership('b', 100, $day($from), $day($until))])],
    );
    $ids = static fn(array $members): array => array_map(
        static fn(Membership $one): string => $one->personId,
        $members,
    );
    expect($ids((new TeamMembers('t'))->members($roster, Build::facts([], '2026-03-02'))))->toBe(
        $found ? ['a', 'b'] : ['a'],
    );
    expect(
        (new OpenToTeam('t'))->settle($roster, Build::facts([], '2026-03-02'), Build::at('2026-03-02 10:00'))->openTo,
    )->toBe($found ? ['a', 'b'] : ['a']);
})->with([
    'for good' => [null, null, true],
    'from that day on' => ['2026-03-02', null, true],
    'from the next on' => ['2026-03-03', null, false],
    'until that day' => [null, '2026-03-02', true],
    'until the day before' => [null, '2026-03-01', false],
    'just that day' => ['2026-03-02', '2026-03-02', true],
]);
