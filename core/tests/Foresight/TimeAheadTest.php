<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Foresight\TimeAhead;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;

/** Femi works on Saturdays, too; Ayumi is away on Tuesday and asks for Wednesday afternoon. */
function timeAhead(string $now = '2026-03-02 13:00'): TimeAhead
{
    return new TimeAhead(
        new Roster(
            Build::calendar(),
            [
                Build::person('ayumi'),
                Build::person('femi', hours: Build::calendar('UTC', '09:00-13:00', [1, 2, 3, 4, 5, 6])),
            ],
            absences: [Build::absence('ayumi', '2026-03-03', '2026-03-04')],
        ),
        Build::at($now),
    );
}

it('counts what is left of today, no absence, and closed days with the open one after them', function (
    string $date,
    ?string $from,
    int $minutes,
): void {
    $since = $from === null ? null : LocalDate::parse($from);
    expect(timeAhead()->of(['ayumi', 'femi'], LocalDate::parse($date), $since))->toBe($minutes);
})->with([
    'the afternoon' => ['2026-03-02', null, 240],
    'one is away' => ['2026-03-03', null, 240],
    'both are there' => ['2026-03-04', null, 720],
    'Monday with the Saturday before' => ['2026-03-09', '2026-03-06', 960],
    'the Saturday alone' => ['2026-03-07', null, 240],
]);

it('says what an absence takes, and would take', function (): void {
    $asked = Build::absence('ayumi', '2026-03-04 13:00', '2026-03-05', [], AbsenceStatus::Asked);
    expect(timeAhead()->lost($asked, LocalDate::parse('2026-03-04')))->toBe(240);
    expect(timeAhead()->lost($asked, LocalDate::parse('2026-03-05')))->toBe(0);
    // On a day on which she is away as it is, it takes nothing more.
    $again = Build::absence('ayumi', '2026-03-03 09:00', '2026-03-04', [], AbsenceStatus::Asked);
    expect(timeAhead()->lost($again, LocalDate::parse('2026-03-03')))->toBe(0);
    $approved = Build::absence('ayumi', '2026-03-03', '2026-03-04');
    expect(timeAhead()->lost($approved, LocalDate::parse('2026-03-03')))->toBe(480);
});
