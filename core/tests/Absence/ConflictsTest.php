<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\Conflict;
use OpenBaton\Core\Absence\Conflicts;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;

/** @return list<string> what stands against an absence of Oona's from the 3rd to the 6th of March */
function against(array $substitutes, Absence ...$others): array
{
    $people = [
        ...array_map(static fn(string $id) => Build::person($id), ['oona', 'tobias', 'ines', 'marek']),
        Build::person('gone', active: false),
        Build::person('later', memberFrom: Build::at('2026-03-06')),
        Build::person('before', memberUntil: Build::at('2026-03-03')),
        Build::person('joins', memberFrom: Build::at('2026-03-05')),
    ];
    $absence = Build::absence('oona', '2026-03-03', '2026-03-06', $substitutes, AbsenceStatus::Asked);

    return array_map(
        static fn(Conflict $one): string => trim(
            "{$one->kind->value} {$one->personId} " .
                ($one->span === null ? '' : gmdate('j', $one->span->from) . '-' . gmdate('j', $one->span->to)),
        ),
        Conflicts::of($absence, new Roster(Build::calendar(), $people, [], [], array_values($others))),
    );
}

it('tells what stands against an absence', function (array $substitutes, array $others, array $expected): void {
    expect(against($substitutes, ...$others))->toBe($expected);
})->with([
    'nothing' => [['tobias'], [], []],
    'nobody is named' => [[], [], ['no_substitute']],
    'a substitute is away, each time told' => [
        ['tobias', 'ines'],
        [Build::absence('tobias', '2026-03-01', '2026-03-04'), Build::absence('tobias', '2026-03-05', '2026-03-09')],
        ['substitute_away tobias 1-4', 'substitute_away tobias 5-9'],
    ],
    'away before and after' => [
        ['tobias'],
        [Build::absence('tobias', '2026-03-01', '2026-03-03'), Build::absence('tobias', '2026-03-06', '2026-03-09')],
        [],
    ],
    'away only if it is approved' => [
        ['tobias'],
        [Build::absence('tobias', '2026-03-03', '2026-03-04', [], AbsenceStatus::Asked)],
        [],
    ],
    'a circle of two' => [
        ['tobias'],
        [Build::absence('tobias', '2026-03-03', '2026-03-04', ['oona'])],
        ['circle tobias 3-4'],
    ],
    'a circle of three' => [
        ['tobias'],
        [
            Build::absence('tobias', '2026-03-03', '2026-03-04', ['ines']),
            Build::absence('ines', '2026-03-03', '2026-03-09', ['marek', 'oona']),
        ],
        ['circle tobias 3-4'],
    ],
    'a chain that ends' => [
        ['tobias'],
        [
            Build::absence('tobias', '2026-03-03', '2026-03-04', ['ines']),
            Build::absence('ines', '2026-03-03', '2026-03-09', ['marek']),
        ],
        ['substitute_away tobias 3-4'],
    ],
    'a circle of others' => [
        ['tobias'],
        [
            Build::absence('tobias', '2026-03-03', '2026-03-04', ['ines']),
            Build::absence('ines', '2026-03-03', '2026-03-09', ['tobias']),
        ],
        ['substitute_away tobias 3-4'],
    ],
    'who is no member' => [
        ['gone', 'later', 'before', 'joins'],
        [],
        ['substitute_gone gone', 'substitute_gone later', 'substitute_gone before'],
    ],
]);
