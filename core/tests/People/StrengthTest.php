<?php

declare(strict_types=1);

use OpenBaton\Core\People\DayStrength;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Strength;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;

it('counts who works on each day, and who would if nobody were away', function (): void {
    $roster = new Roster(
        Build::calendar(),
        [
            Build::person('ayumi', ['brass' => 3]),
            Build::person('femi', ['brass' => 1]),
            Build::person('callum', ['brass' => 2], Build::calendar('UTC', '09:00-17:00', [1, 2])),
            Build::person('greta', ['brass' => 3], active: false),
            Build::person('new', ['brass' => 1], memberFrom: Build::at('2026-03-05 00:00')),
        ],
        absences: [
            Build::absence('ayumi', '2026-03-03', '2026-03-04'),
            Build::absence('femi', '2026-03-04 09:00', '2026-03-04 13:00'),
            Build::absence('femi', '2026-03-03 12:00', '2026-03-03 17:00'),
        ],
    );
    $strength = new Strength($roster);
    // Monday 2 March to Saturday: of four at most, Callum works on two days, "new" comes on Thursday; half a day
    // counts.
    $days = $strength->of($strength->skilled('brass'), LocalDate::parse('2026-03-02'), 6);
    expect(
        array_map(static fn(DayStrength $day): array => [$day->date->format(), $day->there, $day->expected], $days),
    )->toBe([
        ['2026-03-02', 3, 3],
        ['2026-03-03', 2, 3],
        ['2026-03-04', 2, 2],
        ['2026-03-05', 3, 3],
        ['2026-03-06', 3, 3],
        ['2026-03-07', 0, 0],
    ]);
    expect(array_map(static fn(DayStrength $day): bool => $day->isBelow(3), $days))->toBe([
        false,
        true,
        true,
        false,
        false,
        false,
    ]);
    expect(array_map(static fn(Membership $member): string => $member->personId, $strength->skilled('brass', 3)))->toBe(
        ['ayumi', 'greta'],
    );
    // Femi away from Monday noon until Friday: Monday keeps its morning, Wednesday is short already and loses one more.
    $short = $strength->shortBy(
        Build::absence('femi', '2026-03-02 12:00', '2026-03-07'),
        $strength->skilled('brass'),
        3,
    );
    expect(array_map(static fn(DayStrength $day): array => [$day->date->format(), $day->there], $short))->toBe([
        ['2026-03-03', 1],
        ['2026-03-04', 1],
        ['2026-03-05', 2],
        ['2026-03-06', 2],
    ]);
    expect(
        $strength->shortBy(Build::absence('femi', '2026-03-02', '2026-03-03'), $strength->skilled('brass'), 2),
    )->toBe([]);

    // Until Tuesday midnight: Wednesday is none of its days.
    expect(
        array_map(
            static fn(DayStrength $day): string => $day->date->format(),
            $strength->shortBy(Build::absence('femi', '2026-03-02', '2026-03-04'), $strength->skilled('brass'), 3),
        ),
    )->toBe(['2026-03-02', '2026-03-03']);
});

it('counts in a team whoever is in it on the day', function (): void {
    $strength = new Strength(
        new Roster(Build::calendar(), [Build::person('ayumi'), Build::person('femi'), Build::person('callum')]),
    );
    $bench = [
        new Membership('ayumi'),
        new Membership('femi', until: LocalDate::parse('2026-03-03')),
        new Membership('callum', from: LocalDate::parse('2026-03-05'), until: LocalDate::parse('2026-03-05')),
    ];
    $there = array_map(
        static fn(DayStrength $day): array => [$day->there, $day->expected],
        $strength->of($bench, LocalDate::parse('2026-03-02'), 5),
    );
    expect($there)->toBe([[2, 2], [2, 2], [1, 1], [2, 2], [1, 1]]);
    // Femi away all week makes the difference as long as she is in it.
    $short = $strength->shortBy(Build::absence('femi', '2026-03-02', '2026-03-07'), $bench, 2);
    expect(array_map(static fn(DayStrength $day): array => [$day->date->format(), $day->there], $short))->toBe([
        ['2026-03-02', 1],
        ['2026-03-03', 1],
    ]);
});

it('counts a group of a name once, and anew with absences more', function (): void {
    $roster = new Roster(Build::calendar(), [Build::person('ayumi'), Build::person('femi')], [], [], []);
    $members = Build::members('ayumi', 'femi');
    $strength = new Strength($roster);
    $there = static fn(Strength $of): array => array_map(
        static fn(DayStrength $day): int => $day->there,
        $of->of($members, LocalDate::parse('2026-03-02'), 3, 'bench'),
    );
    expect($there($strength))->toBe([2, 2, 2]);
    expect($there($strength))->toBe([2, 2, 2]);
    expect($there($strength->with(Build::absence('femi', '2026-03-03', '2026-03-04'))))->toBe([2, 1, 2]);
    expect($there($strength))->toBe([2, 2, 2]);

    // Others of another name are counted for themselves.
    expect($strength->of(Build::members('ayumi'), LocalDate::parse('2026-03-02'), 1, 'alone')[0]->there)->toBe(1);
});

it(
    'takes somebody for there from the noon on which they are a member, to the one on which they no longer are',
    function (?string $from, ?string $until, array $expected): void {
        $person = Build::person(
            'new',
            ['brass' => 1],
            memberFrom: $from === null ? null : Build::at($from),
            memberUntil: $until === null ? null : Build::at($until),
        );
        $strength = new Strength(new Roster(Build::calendar(), [$person]));
        $there = array_map(
            static fn(DayStrength $day): int => $day->there,
            $strength->of($strength->skilled('brass'), LocalDate::parse('2026-03-02'), 4),
        );
        expect($there)->toBe($expected);
    },
)->with([
    'from midnight on' => ['2026-03-03 00:00', null, [0, 1, 1, 1]],
    'from noon on' => ['2026-03-03 12:00', null, [0, 1, 1, 1]],
    'from a second after noon on' => ['2026-03-03 12:00:01', null, [0, 0, 1, 1]],
    'until a second after noon' => [null, '2026-03-04 12:00:01', [1, 1, 1, 0]],
    'until noon' => [null, '2026-03-04 12:00', [1, 1, 0, 0]],
    'both' => ['2026-03-03 00:00', '2026-03-05 00:00', [0, 1, 1, 0]],
]);

it('is short by one who is in the group again later, on those days too', function (): void {
    $strength = new Strength(new Roster(Build::calendar(), [Build::person('ayumi'), Build::person('femi')]));
    $bench = [
        new Membership('ayumi'),
        new Membership('femi', until: LocalDate::parse('2026-03-02')),
        new Membership('femi', from: LocalDate::parse('2026-03-05')),
    ];
    $short = $strength->shortBy(Build::absence('femi', '2026-03-02', '2026-03-07'), $bench, 2);
    expect(array_map(static fn(DayStrength $day): string => $day->date->format(), $short))->toBe([
        '2026-03-02',
        '2026-03-05',
        '2026-03-06',
    ]);
});

it('looks anew at whoever has an absence more, and at nobody else', function (): void {
    $roster = new Roster(
        Build::calendar(),
        [Build::person('ayumi'), Build::person('femi')],
        absences: [Build::absence('femi', '2026-03-02', '2026-03-03')],
    );
    $members = [new Membership('ayumi'), new Membership('femi')];
    $strength = new Strength($roster);
    $there = static fn(Strength $of): array => array_map(
        static fn(DayStrength $day): int => $day->there,
        $of->of($members, LocalDate::parse('2026-03-02'), 3),
    );
    expect($there($strength))->toBe([1, 2, 2]);
    expect($there($strength->with(Build::absence('femi', '2026-03-03', '2026-03-04'))))->toBe([1, 1, 2]);
    expect($there($strength->with(Build::absence('ayumi', '2026-03-04', '2026-03-05'))))->toBe([1, 2, 1]);
    expect($there($strength))->toBe([1, 2, 2]);
});

it('counts a shift over midnight for the day on which it began, and an absence that begins in it', function (): void {
    $nights = Build::calendar('UTC', '22:00-06:00', [1, 2, 3]);
    $roster = new Roster(
        Build::calendar(),
        [Build::person('guard', hours: $nights)],
        absences: [Build::absence('guard', '2026-03-03 00:00', '2026-03-03 12:00')],
    );
    $there = array_map(
        static fn(DayStrength $day): int => $day->there,
        (new Strength($roster))->of([new Membership('guard')], LocalDate::parse('2026-03-02'), 3),
    );
    // Two hours of Monday's shift are left; an absence of all of it would leave none.
    expect($there)->toBe([1, 1, 1]);
    $whole = new Roster(
        Build::calendar(),
        [Build::person('guard', hours: $nights)],
        absences: [Build::absence('guard', '2026-03-02 22:00', '2026-03-03 06:00')],
    );
    expect((new Strength($whole))->of([new Membership('guard')], LocalDate::parse('2026-03-02'), 1)[0]->there)->toBe(0);
});

it('has a minimum on days on which somebody would work', function (): void {
    $day = static fn(int $there, int $expected): DayStrength => new DayStrength(
        LocalDate::parse('2026-03-02'),
        $there,
        $expected,
    );
    expect([$day(0, 0)->isBelow(1), $day(0, 1)->isBelow(1), $day(1, 1)->isBelow(1)])->toBe([false, true, false]);
});
