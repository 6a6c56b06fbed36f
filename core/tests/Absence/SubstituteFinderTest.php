<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\CoverMoves;
use OpenBaton\Core\Absence\CoverStep;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;

function coverOf(string $personId, string $at, Absence ...$absences): Cover
{
    $people = array_map(static fn(string $id) => Build::person($id), ['oona', 'tobias', 'ines', 'marek', 'lead']);
    $people[] = Build::person('gone', active: false);
    $team = new Team('bench', 'Bench', Build::members('oona', 'tobias', 'ines', 'lead'), null, 'lead');

    return (new SubstituteFinder(new Roster(Build::calendar(), $people, [$team], [], array_values($absences))))->find(
        $personId,
        Build::at($at),
    );
}

/** @return list<string> */
function asked(Cover $cover): array
{
    return array_map(static fn(CoverStep $step): string => $step->personId, $cover->steps);
}

it('finds the person themselves where they are there', function (): void {
    $cover = coverOf('oona', '2026-03-02 10:00');
    expect($cover->personId)->toBe('oona');
    expect($cover->isSubstitute())->toBeFalse();
});

it('asks the substitute from the first second of the absence to the last', function (
    string $at,
    string $expected,
): void {
    $absence = Build::absence('oona', '2026-03-03 00:00', '2026-03-05 00:00', ['tobias']);
    expect(coverOf('oona', $at, $absence)->personId)->toBe($expected);
})->with([
    ['2026-03-02 23:59:59', 'oona'],
    ['2026-03-03 00:00:00', 'tobias'],
    ['2026-03-04 23:59:59', 'tobias'],
    ['2026-03-05 00:00:00', 'oona'],
]);

it('counts only approved absences', function (AbsenceStatus $status): void {
    $absence = Build::absence('oona', '2026-03-03', '2026-03-05', ['tobias'], $status);
    expect(coverOf('oona', '2026-03-04', $absence)->personId)->toBe('oona');
})->with([AbsenceStatus::Asked, AbsenceStatus::Declined, AbsenceStatus::Cancelled]);

it('walks on to the substitute of the substitute and says who was away until when', function (): void {
    $cover = coverOf(
        'oona',
        '2026-03-04',
        Build::absence('oona', '2026-03-03', '2026-03-05', ['tobias']),
        Build::absence('tobias', '2026-03-04', '2026-03-06', ['ines']),
    );
    expect($cover->personId)->toBe('ines');
    expect(asked($cover))->toBe(['oona', 'tobias', 'ines']);
    expect($cover->steps[1]->reasons)->toBe([Unavailability::Absent]);
    expect($cover->steps[1]->awayUntil)->toBe(Build::at('2026-03-06'));
});

it('asks the next in order where the first cannot', function (): void {
    $cover = coverOf('oona', '2026-03-04', Build::absence('oona', '2026-03-03', '2026-03-05', ['gone', 'marek']));
    expect($cover->personId)->toBe('marek');
    expect($cover->steps[1]->reasons)->toBe([Unavailability::Inactive]);
});

it('stops at a circle, reports it and falls back on the lead', function (): void {
    $cover = coverOf(
        'oona',
        '2026-03-04',
        Build::absence('oona', '2026-03-03', '2026-03-05', ['tobias']),
        Build::absence('tobias', '2026-03-03', '2026-03-05', ['oona']),
    );
    expect($cover->personId)->toBe('lead');
    expect($cover->circle)->toBeTrue();
    expect($cover->byLead)->toBeTrue();
    expect(asked($cover))->toBe(['oona', 'tobias', 'lead']);
});

it('has no cover where nobody is left', function (): void {
    $cover = coverOf(
        'oona',
        '2026-03-04',
        Build::absence('oona', '2026-03-03', '2026-03-05'),
        Build::absence('lead', '2026-03-03', '2026-03-05', ['marek']),
    );
    // The lead is asked for themselves, not for their own substitutes.
    expect($cover->personId)->toBeNull();
    expect(asked($cover))->toBe(['oona', 'lead']);
});

it('falls back on the lead of the team in which somebody is on the day', function (string $at, ?string $lead): void {
    $people = array_map(static fn(string $id) => Build::person($id), ['oona', 'tobias', 'ines', 'marek']);
    $teams = [
        new Team('reeds', 'Reeds', [new Membership('oona', until: LocalDate::parse('2026-03-03'))], null, 'tobias'),
        new Team(
            'bench',
            'Bench',
            [new Membership('marek'), new Membership('oona', from: LocalDate::parse('2026-03-05'))],
            null,
            'ines',
        ),
    ];
    $roster = new Roster(Build::calendar(), $people, $teams, [], [Build::absence('oona', '2026-03-02', '2026-03-07')]);
    expect((new SubstituteFinder($roster))->find('oona', Build::at($at))->personId)->toBe($lead);
    expect($roster->leadFor('oona', Build::at($at)))->toBe($lead);
    expect(CoverMoves::coveredBy($roster, 'tobias', Build::at($at)))->toBe($lead === 'tobias' ? ['oona'] : []);
    expect(array_column($roster->teamsOf('oona'), 'id'))->toBe(['reeds', 'bench']);
})->with([
    'her last day in the first' => ['2026-03-03 23:59', 'tobias'],
    'in none' => ['2026-03-04 10:00', null],
    'her first day in the other' => ['2026-03-05 00:00', 'ines'],
]);

it('sees in criteria whoever is in a team on the day', function (string $at, array $teams): void {
    $roster = new Roster(
        Build::calendar(),
        [Build::person('oona')],
        [new Team('bench', 'Bench', [new Membership('oona', from: LocalDate::parse('2026-03-05'))])],
    );
    $facts = (new ChangeFacts($roster, Lookups::of([], teams: true)))->of(
        null,
        CoverStory::task('t', null, holder: 'oona'),
        Build::at($at),
    );
    expect($facts->teams['oona'])->toBe($teams);
})->with([['2026-03-04 23:59', []], ['2026-03-05 00:00', ['bench']]]);

it('has no cover for somebody in no team', function (): void {
    expect(coverOf('marek', '2026-03-04', Build::absence('marek', '2026-03-03', '2026-03-05'))->personId)->toBeNull();
});

it('goes eight deep and no deeper', function (int $links, ?string $expected): void {
    $people = [];
    $absences = [];
    for ($number = 0; $number <= $links; ++$number) {
        $people[] = Build::person("p{$number}");
        if ($number < $links) {
            $absences[] = Build::absence("p{$number}", '2026-03-01', '2026-03-09', ['p' . ($number + 1)]);
        }
    }
    $cover = (new SubstituteFinder(new Roster(Build::calendar(), $people, [], [], $absences)))->find(
        'p0',
        Build::at('2026-03-02'),
    );
    expect($cover->personId)->toBe($expected);
})->with([[8, 'p8'], [9, null]]);

it('counts whole days from midnight to midnight of the zone, over a change of the clocks too', function (): void {
    $span = Absence::wholeDays(
        LocalDate::parse('2026-03-29'),
        LocalDate::parse('2026-03-29'),
        new Zone('Europe/Helsinki'),
    );
    expect(gmdate('d H:i', $span->from))->toBe('28 22:00');
    expect($span->seconds())->toBe(23 * 3600);
});
