<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\FieldValue;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\OpenToTeam;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PeopleOfPlace;
use OpenBaton\Core\Rulebook\Pool\PeopleWithAttribute;
use OpenBaton\Core\Rulebook\Pool\PeopleWithField;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Pool\Union;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** Workshop (lead hanneke, not listed) above bench (lead ayumi, listed last) and reeds (no lead); femi is in both. */
function workshop(): Roster
{
    return new Roster(
        Build::calendar(),
        [
            Build::person('hanneke'),
            Build::person('ayumi', ['brass' => 3], attributes: ['drives the van'], place: 'islands'),
            Build::person(
                'femi',
                ['brass' => 2, 'reeds' => 1],
                fields: ['person.bench' => 'north', 'person.speaks' => ['sv', 'fi']],
            ),
            Build::person('callum', ['brass' => 1], active: false),
            Build::person(
                'tobias',
                ['reeds' => 3],
                pausedUntil: Person::UNTIL_FURTHER_NOTICE,
                attributes: ['speaks Finnish', 'drives the van'],
                place: 'the-holms',
            ),
            Build::person('oona', fields: ['person.bench' => 'North', 'person.speaks' => ['fi']]),
        ],
        [
            new Team('workshop', 'Workshop', [new Membership('oona', 30)], null, 'hanneke'),
            new Team(
                'bench',
                'Bench',
                [new Membership('femi', 50), new Membership('callum'), new Membership('ayumi', 70)],
                'workshop',
                'ayumi',
            ),
            new Team('reeds', 'Reeds', [new Membership('femi', 20), new Membership('tobias')], 'bench'),
        ],
        ['brass' => 'Brass', 'reeds' => 'Reeds'],
        [Build::absence('oona', '2026-03-02', '2026-03-03')],
    );
}

/** @return array<string, int> weight by person, in order */
function poolOf(Pool $pool, array $facts = []): array
{
    $weights = [];
    foreach ($pool->members(workshop(), Build::facts($facts)) as $member) {
        $weights[$member->personId] = $member->weight;
    }

    return $weights;
}

it('makes a team with and without its lead and what lies below it', function (Pool $pool, array $expected): void {
    expect(poolOf($pool))->toBe($expected);
})->with([
    'with a lead who is not listed' => [new TeamMembers('workshop'), ['oona' => 30, 'hanneke' => 100]],
    'without' => [new TeamMembers('workshop', withLead: false), ['oona' => 30]],
    'with a lead who is listed, in their place and with their weight' => [
        new TeamMembers('bench'),
        ['femi' => 50, 'callum' => 100, 'ayumi' => 70],
    ],
    'without a lead who is listed' => [new TeamMembers('bench', withLead: false), ['femi' => 50, 'callum' => 100]],
    'with all below, each where they come first' => [
        new TeamMembers('workshop', withSubTeams: true),
        ['oona' => 30, 'hanneke' => 100, 'femi' => 50, 'callum' => 100, 'ayumi' => 70, 'tobias' => 100],
    ],
    'with all below, no lead of any' => [
        new TeamMembers('workshop', withSubTeams: true, withLead: false),
        ['oona' => 30, 'femi' => 50, 'callum' => 100, 'tobias' => 100],
    ],
    'without a lead at all' => [new TeamMembers('reeds', withLead: true), ['femi' => 20, 'tobias' => 100]],
    'a team that is no more' => [new TeamMembers('choir'), []],
    'a skill at a level' => [new SkilledPeople('brass', 2), ['ayumi' => 100, 'femi' => 100]],
    'a skill at the highest' => [new SkilledPeople('reeds', 3), ['tobias' => 100]],
    'an attribute' => [new PeopleWithAttribute('drives the van'), ['ayumi' => 100, 'tobias' => 100]],
    'a value in a field, however a blank or a capital stands in it' => [
        new PeopleWithField(new FieldValue(new Field('person.bench', 'Bench', FieldType::Text), 'North ')),
        ['femi' => 100, 'oona' => 100],
    ],
    'of a field with several, all that are asked for' => [
        new PeopleWithField(
            new FieldValue(
                new Field('person.speaks', 'Speaks', FieldType::ManyOf, ['fi' => 'Finnish', 'sv' => 'Swedish']),
                ['fi', 'sv'],
            ),
        ),
        ['femi' => 100],
    ],
    'none of several' => [
        new PeopleWithField(
            new FieldValue(new Field('person.speaks', 'Speaks', FieldType::ManyOf, ['fi' => 'Finnish']), []),
        ),
        [],
    ],
    'an attribute, written as it is' => [new PeopleWithAttribute('Drives the van'), []],
    'a place of which nothing is known' => [new PeopleOfPlace(['customer.district', 'customer.region']), []],
    'named ones, in their order' => [new NamedPeople(['tobias', 'ayumi']), ['tobias' => 100, 'ayumi' => 100]],
    'a union after a named first' => [
        new Union([new NamedPeople(['ayumi']), new TeamMembers('bench')]),
        ['ayumi' => 100, 'femi' => 50, 'callum' => 100],
    ],
    'a union of three' => [
        new Union([new NamedPeople(['oona']), new SkilledPeople('reeds', 1), new NamedPeople(['hanneke', 'femi'])]),
        ['oona' => 100, 'femi' => 100, 'tobias' => 100, 'hanneke' => 100],
    ],
    'one but another' => [
        new Except(new TeamMembers('bench'), new SkilledPeople('reeds', 1)),
        ['callum' => 100, 'ayumi' => 70],
    ],
    'one but itself' => [new Except(new TeamMembers('bench'), new TeamMembers('bench')), []],
    'whoever is in an empty field' => [new PersonInField('case.owner'), []],
]);

it('finds those of a place, and of the one above where that is asked for', function (
    array $fields,
    array $expected,
): void {
    expect(
        poolOf(new PeopleOfPlace($fields), ['customer.district' => 'the-holms', 'customer.region' => 'islands']),
    )->toBe($expected);
})->with([
    'the district' => [['customer.district'], ['tobias' => 100]],
    'the region' => [['customer.region'], ['ayumi' => 100]],
    'both, in the order of the roster' => [['customer.district', 'customer.region'], ['ayumi' => 100, 'tobias' => 100]],
]);

it('finds nobody in a field that names somebody who is no more', function (): void {
    expect(poolOf(new PersonInField('case.owner'), ['case.owner' => 'nobody']))
        ->toBe([])
        ->and(poolOf(new PersonInField('case.owner'), ['case.owner' => 'femi']))
        ->toBe(['femi' => 100]);
});

it('names one person only where it can be no other', function (Pool $pool, bool $expected): void {
    expect($pool->namesOne())->toBe($expected);
})->with([
    [new PersonInField('case.owner'), true],
    [new NamedPeople(['ayumi']), true],
    [new NamedPeople(['ayumi', 'femi']), false],
    [new TeamMembers('bench'), false],
    [new SkilledPeople('brass', 1), false],
    [new PeopleWithAttribute('speaks Finnish'), false],
    [new PeopleOfPlace(['customer.district']), false],
    [new Union([new NamedPeople(['ayumi'])]), true],
    [new Union([new NamedPeople(['ayumi']), new NamedPeople(['femi'])]), false],
    [new Except(new NamedPeople(['ayumi']), new NamedPeople(['femi'])), false],
]);

it('opens to those of a team who are there', function (string $team, array $expected, Outcome $outcome): void {
    $decision = Bench::decide(
        [Build::rule('r', new NamedPeople(['callum', 'tobias']), new InOrder(), otherwise: new OpenToTeam($team))],
        roster: workshop(),
    );
    expect($decision->openTo)->toBe($expected)->and($decision->outcome)->toBe($outcome);
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
    expect($next->assigneeId)
        ->toBe('femi')
        ->and($next->decidingRule()?->id)
        ->toBe('b')
        ->and($waits->outcome)
        ->toBe(Outcome::Unplaced)
        ->and((new SubstituteFinder(workshop()))->find($person, Build::at('2026-03-02T10:00:00Z'))->personId)
        ->toBeNull();
})->with(['callum', 'tobias']);

it('goes to the lead of the first team where somebody is away without a substitute', function (): void {
    $cover = (new SubstituteFinder(workshop()))->find('oona', Build::at('2026-03-02T10:00:00Z'));
    expect($cover->personId)->toBe('hanneke')->and($cover->byLead)->toBeTrue()->and($cover->circle)->toBeFalse();
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
    expect([$shared->personId, $shared->circle])
        ->toBe(['e', false])
        ->and([$circle->personId, $circle->circle])
        ->toBe([null, true])
        ->and([$own->personId, $own->circle])
        ->toBe(['c', true]);
});

it('answers the second question as if it were the first', function (): void {
    $finder = new SubstituteFinder(workshop());
    $at = Build::at('2026-03-02T10:00:00Z');
    $finder->find('oona', $at);
    expect($finder->find('oona', $at))
        ->toEqual((new SubstituteFinder(workshop()))->find('oona', $at))
        ->and($finder->find('hanneke', $at)->steps)
        ->toHaveCount(1);
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
    expect($ids((new TeamMembers('t'))->members($roster, Build::facts([], '2026-03-02'))))
        ->toBe($found ? ['a', 'b'] : ['a'])
        ->and(
            (new OpenToTeam('t'))->settle($roster, Build::facts([], '2026-03-02'), Build::at('2026-03-02 10:00'))
                ->openTo,
        )
        ->toBe($found ? ['a', 'b'] : ['a']);
})->with([
    'for good' => [null, null, true],
    'from that day on' => ['2026-03-02', null, true],
    'from the next on' => ['2026-03-03', null, false],
    'until that day' => [null, '2026-03-02', true],
    'until the day before' => [null, '2026-03-01', false],
    'just that day' => ['2026-03-02', '2026-03-02', true],
]);
