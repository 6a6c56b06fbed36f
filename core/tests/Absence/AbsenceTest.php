<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Tests\Support\Build;

it('is decided once, and called off as long as it counts', function (): void {
    $leads = static fn(AbsenceStatus $from): array => array_values(
        array_column(array_filter(AbsenceStatus::cases(), $from->leadsTo(...)), 'value'),
    );
    expect(array_map($leads, AbsenceStatus::cases()))->toBe([
        ['approved', 'declined', 'cancelled'],
        ['cancelled'],
        [],
        [],
    ]);
});

it('is cancelled where it was only asked for, whenever that is', function (): void {
    $asked = Build::absence('oona', '2026-03-03T00:00:00Z', '2026-03-05T00:00:00Z', ['tobias'], AbsenceStatus::Asked);
    expect($asked->endedAt(Build::at('2026-03-04T12:00:00Z')))->toEqual(
        Build::absence('oona', '2026-03-03T00:00:00Z', '2026-03-05T00:00:00Z', ['tobias'], AbsenceStatus::Cancelled),
    );
});

it('is over sooner: cancelled before it has begun, else ended there and then', function (
    string $now,
    AbsenceStatus $status,
    string $to,
): void {
    $ended = Build::absence('oona', '2026-03-03T00:00:00Z', '2026-03-05T00:00:00Z', ['tobias'])->endedAt(
        Build::at($now),
    );
    expect([
        $ended->status,
        gmdate('Y-m-d H:i:s', $ended->span->from),
        gmdate('Y-m-d H:i:s', $ended->span->to),
        $ended->substituteIds(),
    ])->toBe([$status, '2026-03-03 00:00:00', $to, ['tobias']]);
})->with([
    'the day before' => ['2026-03-02T12:00:00Z', AbsenceStatus::Cancelled, '2026-03-05 00:00:00'],
    'as it begins' => ['2026-03-03T00:00:00Z', AbsenceStatus::Cancelled, '2026-03-05 00:00:00'],
    'a second later' => ['2026-03-03T00:00:01Z', AbsenceStatus::Approved, '2026-03-03 00:00:01'],
    'in the middle' => ['2026-03-04T12:30:00Z', AbsenceStatus::Approved, '2026-03-04 12:30:00'],
    'when it is over' => ['2026-03-06T00:00:00Z', AbsenceStatus::Approved, '2026-03-05 00:00:00'],
]);

it('counts, or may come to, while it is asked for or approved', function (): void {
    expect(array_map(static fn(AbsenceStatus $one): bool => $one->isAlive(), AbsenceStatus::cases()))->toBe([
        true,
        true,
        false,
        false,
    ]);
});
