<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\FieldValue;
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
use OpenBaton\Core\Tests\Support\Build;

require_once __DIR__ . '/PoolFunctions.php';

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
    expect(poolOf(new PersonInField('case.owner'), ['case.owner' => 'nobody']))->toBe([]);
    expect(poolOf(new PersonInField('case.owner'), ['case.owner' => 'femi']))->toBe(['femi' => 100]);
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
