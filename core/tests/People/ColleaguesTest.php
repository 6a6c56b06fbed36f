<?php

declare(strict_types=1);

use OpenBaton\Core\People\Colleagues;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;

it('are whoever is in a team with somebody on the day, or in one that they lead', function (
    string $who,
    string $at,
    array $colleagues,
): void {
    $people = array_map(static fn(string $id) => Build::person($id), ['oona', 'tobias', 'ines', 'marek', 'lead']);
    $roster = new Roster(Build::calendar('Europe/Dublin'), $people, [
        new Team(
            'reeds',
            'Reeds',
            [new Membership('oona', until: LocalDate::parse('2026-03-03')), new Membership('tobias')],
            null,
            'lead',
        ),
        new Team('bench', 'Bench', [
            new Membership('oona'),
            new Membership('ines', from: LocalDate::parse('2026-03-04')),
            new Membership('tobias'),
        ]),
        new Team('loners', 'Loners', [new Membership('marek')]),
    ]);
    expect((new Colleagues($roster, $who))->inTeams(Build::at($at)))->toBe($colleagues);
})->with([
    'in two teams with the same person' => ['oona', '2026-03-03 12:00', ['tobias']],
    'no longer in the one, with somebody new in the other' => ['oona', '2026-03-04 12:00', ['ines', 'tobias']],
    'before the day of the house begins' => ['ines', '2026-03-03 23:59', []],
    'from its begin on' => ['ines', '2026-03-04 00:00', ['oona', 'tobias']],
    'whoever leads without being in it' => ['lead', '2026-03-03 12:00', ['oona', 'tobias']],
    'whom they lead is there by day only' => ['lead', '2026-03-04 12:00', ['tobias']],
    'alone in a team' => ['marek', '2026-03-03 12:00', []],
    'nobody of the house' => ['somebody', '2026-03-03 12:00', []],
]);
