<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Presence;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;

it('says the first of what is so', function (
    Person $person,
    Presence $expected,
    ?Absence $absence = null,
    string $at = '2026-03-02 10:00',
): void {
    $roster = new Roster(Build::calendar(), [$person], [], [], $absence === null ? [] : [$absence]);
    expect((new Availability($roster))->presence($person, Build::at($at)))->toBe($expected);
})->with(function (): array {
    $away = Build::absence('oona', '2026-03-02 00:00', '2026-03-03 00:00');
    $paused = Build::at('2026-03-02 12:00');
    $at = Build::at('2026-03-02 10:00');

    return [
        'at work' => [Build::person('oona'), Presence::In],
        'after hours' => [Build::person('oona'), Presence::Off, null, '2026-03-02 17:00'],
        'paused' => [Build::person('oona', pausedUntil: $paused), Presence::Paused],
        'away, and paused' => [Build::person('oona', pausedUntil: $paused), Presence::Away, $away],
        'not come yet, and away' => [Build::person('oona', memberFrom: $at + 1), Presence::ToCome, $away],
        'come this second' => [Build::person('oona', memberFrom: $at), Presence::In],
        'gone this second, and away' => [Build::person('oona', memberUntil: $at), Presence::Gone, $away],
        'gone in a second' => [Build::person('oona', memberUntil: $at + 1), Presence::In],
        'inactive, and gone' => [Build::person('oona', active: false, memberUntil: $at), Presence::Inactive],
    ];
});
