<?php

declare(strict_types=1);

use OpenBaton\Core\Check\Burden;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\Open;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Build;

function benchOfThree(): Roster
{
    return new Roster(
        Build::calendar(),
        [
            Build::person('ayumi', ['brass' => 3]),
            Build::person('femi', ['brass' => 2]),
            Build::person('callum', ['brass' => 3]),
            Build::person('greta', active: false),
        ],
        [
            new Team('brass', 'Brass bench', [
                new Membership('ayumi', 50),
                new Membership('femi'),
                new Membership('greta'),
            ]),
        ],
        ['brass' => 'Brass'],
    );
}

/** @param list<Rule> $before @param list<Rule> $after @return array{array<array-key, float>, int} */
function burden(array $before, array $after, array ...$counts): array
{
    $burden = Burden::of(
        array_values($counts),
        new Rulebook(Build::fields(), $before),
        new Rulebook(Build::fields(), $after),
        benchOfThree(),
        Build::at('2026-03-02T10:00:00Z'),
    );

    return [$burden->people, $burden->varies];
}

it('shares out by weights what goes another way, and leaves what goes as before', function (): void {
    $team = Build::rule('team', new TeamMembers('brass'), new LightestLoad());
    $callum = Build::rule('callum', new NamedPeople(['callum']), new InOrder());
    expect(burden([$team, $callum], [$callum, $team], ['team', 'callum', 12], ['team', 'team', 90]))->toBe([
        ['ayumi' => -4.0, 'femi' => -8.0, 'callum' => 12.0],
        0,
    ]);
});

it('sees that a rule of the same name gives to others', function (): void {
    $before = Build::rule('r', new NamedPeople(['ayumi', 'femi']), new InOrder());
    $after = Build::rule('r', new NamedPeople(['femi', 'ayumi']), new InOrder());
    expect(burden([$before], [$after], ['r', 'r', 7])[0])->toBe(['ayumi' => -7.0, 'femi' => 7.0]);
    expect(burden([$before], [$before], ['r', 'r', 7])[0])->toBe([]);
});

it('counts only those who have the skills, and nobody where it is open or no rule takes it', function (): void {
    $skilled = Build::rule(
        's',
        new NamedPeople(['ayumi', 'femi', 'callum']),
        new LightestLoad(),
        limits: [new SkillAtLeast('brass', 3)],
    );
    $open = Build::rule('o', new TeamMembers('brass'), new Open());
    expect(burden([$open], [$skilled], ['', 's', 4], ['o', 's', 2])[0])->toBe(['ayumi' => 3.0, 'callum' => 3.0]);
    expect(burden([$skilled], [$open], ['s', 'o', 4], ['s', '', 2])[0])->toBe(['ayumi' => -3.0, 'callum' => -3.0]);
    $follows = Build::rule('f', null, then: [new AddTag('a')]);
    expect(burden([$follows], [$follows], ['f', '', 2]))->toBe([[], 0]);
});

it('says of how many tasks it depends on the task', function (): void {
    $field = Build::rule('field', new PersonInField('case.owner'), new InOrder());
    $callum = Build::rule('callum', new NamedPeople(['callum']), new InOrder());
    expect(burden([$field], [$callum], ['field', 'callum', 5], ['', 'callum', 1]))->toBe([['callum' => 6.0], 5]);
});

it('leaves out what is less than half a task', function (): void {
    $team = Build::rule('team', new TeamMembers('brass'), new LightestLoad());
    expect(burden([], [$team], ['', 'team', 1])[0])->toEqual(['femi' => 2 / 3]);
});
