<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\AbsenceAction;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Tests\Support\Build;

/** @return list<string> what fits, of an absence from Tuesday to Thursday */
function fitting(AbsenceStatus $status, string $now, bool $handedOver = false, bool $handedBack = false): array
{
    $absence = Build::absence('oona', '2026-03-03 00:00', '2026-03-05 00:00', status: $status);

    return array_values(
        array_map(
            static fn(AbsenceAction $one): string => $one->name,
            array_filter(
                AbsenceAction::cases(),
                static fn(AbsenceAction $one): bool => $one->fits($absence, Build::at($now), $handedOver, $handedBack),
            ),
        ),
    );
}

it('fits the state of the absence and the time', function (
    AbsenceStatus $status,
    string $now,
    array $handed,
    array $expected,
): void {
    expect(fitting($status, $now, ...$handed))->toBe($expected);
})->with([
    'asked for' => [AbsenceStatus::Asked, '2026-03-02 10:00', [], ['Decide', 'Change', 'End', 'SetCover']],
    'asked for, and over by now' => [AbsenceStatus::Asked, '2026-03-05 00:00', [], ['Decide', 'SetCover']],
    'to come' => [AbsenceStatus::Approved, '2026-03-02 23:59:59', [], ['Change', 'End', 'HandOver', 'SetCover']],
    'to come, and handed over early' => [
        AbsenceStatus::Approved,
        '2026-03-02 23:59:59',
        [true],
        ['Change', 'End', 'SetCover'],
    ],
    'begun this second' => [AbsenceStatus::Approved, '2026-03-03 00:00', [], ['Change', 'End', 'SetCover']],
    'its last second' => [AbsenceStatus::Approved, '2026-03-04 23:59:59', [true], ['Change', 'End', 'SetCover']],
    'over, not handed back yet' => [AbsenceStatus::Approved, '2026-03-05 00:00', [true], ['SetCover']],
    'over, and handed back' => [AbsenceStatus::Approved, '2026-03-05 00:01', [true, true], []],
    'declined' => [AbsenceStatus::Declined, '2026-03-02 10:00', [], []],
    'called off' => [AbsenceStatus::Cancelled, '2026-03-02 10:00', [], []],
]);
