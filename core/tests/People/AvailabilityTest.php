<?php

declare(strict_types=1);

use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Tests\Support\Build;

it('names every barrier, not just the first', function (): void {
    $person = Build::person(
        'oona',
        active: false,
        pausedUntil: Person::UNTIL_FURTHER_NOTICE,
        memberUntil: Build::at('2026-03-01'),
    );
    $roster = new Roster(Build::calendar(), [$person], [], [], [Build::absence('oona', '2026-03-01', '2026-03-09')]);
    expect((new Availability($roster))->reasonsAgainst($person, Build::at('2026-03-02')))->toBe([
        Unavailability::Inactive,
        Unavailability::NoLongerMember,
        Unavailability::Paused,
        Unavailability::Absent,
    ]);
});

it('lets the bounds of membership and pause begin and end on the second', function (string $at, array $expected): void {
    $person = Build::person(
        'oona',
        pausedUntil: Build::at('2026-03-02 12:00'),
        memberFrom: Build::at('2026-03-02 08:00'),
        memberUntil: Build::at('2026-03-03'),
    );
    $roster = new Roster(Build::calendar(), [$person]);
    expect((new Availability($roster))->reasonsAgainst($person, Build::at($at)))->toBe($expected);
})->with([
    ['2026-03-02 07:59:59', [Unavailability::NotYetMember, Unavailability::Paused]],
    ['2026-03-02 08:00:00', [Unavailability::Paused]],
    ['2026-03-02 12:00:00', []],
    ['2026-03-02 23:59:59', []],
    ['2026-03-03 00:00:00', [Unavailability::NoLongerMember]],
]);

it('lets work come to somebody at night', function (): void {
    $person = Build::person('oona');
    expect(
        (new Availability(new Roster(Build::calendar(), [$person])))->reasonsAgainst(
            $person,
            Build::at('2026-03-02 03:00'),
        ),
    )->toBe([]);
});

it('finds teams below a team, each once even in a circle', function (): void {
    $roster = new Roster(
        Build::calendar(),
        [Build::person('oona')],
        [
            new Team('workshop', 'Workshop', [], 'brass'),
            new Team('brass', 'Brass', Build::members('oona'), 'workshop'),
            new Team('keys', 'Keys', [], 'workshop'),
        ],
    );
    $ids = static fn(bool $with): array => array_map(
        static fn(Team $team): string => $team->id,
        $roster->family('workshop', $with),
    );
    expect($ids(false))->toBe(['workshop']);
    expect($ids(true))->toBe(['workshop', 'brass', 'keys']);
});

it('refuses impossible people, weights and capacities', function (Closure $make): void {
    expect($make)->toThrow(InvalidArgumentException::class);
})->with([
    'level 4' => [fn() => Build::person('oona', ['brass' => 4])],
    'weight 0' => [fn() => new Membership('oona', 0)],
    'weight 1001' => [fn() => new Membership('oona', 1001)],
    '0 percent' => [fn() => Capacity::percent(0)],
    '25 hours' => [fn() => Capacity::minutesADay(1500)],
    'a stranger in a team' => [
        fn() => new Roster(Build::calendar(), [], [new Team('a', 'A', Build::members('nobody'))]),
    ],
]);
