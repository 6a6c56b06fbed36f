<?php

declare(strict_types=1);

use OpenBaton\Core\Alert\Condition;
use OpenBaton\Core\Alert\WorkConditions;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Work;

// Oona and Femi work eight hours a day from Monday to Friday; it is Monday, 2 March 2026, nine o'clock.
function alerting(array $items, array $absences = [], string $now = '2026-03-02 09:00', int $minutes = 1): array
{
    $roster = new Roster(
        Build::calendar(),
        [Build::person('oona', ['strings' => 2]), Build::person('femi', ['brass' => 1, 'strings' => 1])],
        absences: $absences,
    );

    return array_map(
        static fn(Condition $one): string => trim("{$one->kind->value} {$one->about} {$one->figure}"),
        (new WorkConditions($roster, 130, $minutes))->of(Work::of($items, []), Build::at($now)),
    );
}

it('finds who has more than so much of their time', function (int $minutes, array $expected): void {
    // Five days of eight hours are 2400 minutes; 130 % of them 3120.
    expect(alerting([Build::item('a', 'oona', $minutes)]))->toBe($expected);
})->with(['as much as may be' => [3120, []], 'more' => [3145, ['overload oona 131']]]);

it('finds what cannot be in time any more, by the plan and by so much', function (): void {
    $first = Build::item('first', 'oona', 120, '2026-03-02 11:00');
    $second = Build::item('second', 'oona', 60, '2026-03-02 11:30');
    $finish = Build::at('2026-03-02 12:00');
    expect(alerting([$first, $second]))->toBe(["cannot_be_in_time second {$finish}"]);
    expect(alerting([$first, $second], minutes: 30))->toBe(["cannot_be_in_time second {$finish}"]);
    expect(alerting([$first, $second], minutes: 31))->toBe([]);
    // Femi could, and what is late already is told otherwise.
    expect(alerting([$first, Build::item('second', 'femi', 60, '2026-03-02 11:30')]))->toBe([]);
    expect(alerting([$first], now: '2026-03-02 11:00'))->toBe([]);
});

it(
    'finds what is due within the plan and not finished in it, and says nothing of what is due beyond',
    function (): void {
        $long = Build::item('long', 'oona', 2500, '2026-03-06 12:00');
        $beyond = Build::item('beyond', 'oona', 2500, '2026-03-20 12:00');
        expect(alerting([$long]))->toBe(['cannot_be_in_time long']);
        expect(alerting([$beyond]))->toBe([]);
    },
);

it('finds skills that nobody has on the next working day', function (): void {
    $away = static fn(string $who, string $from, string $to) => Build::absence($who, $from, $to);
    expect(alerting([], [$away('femi', '2026-03-03', '2026-03-04')]))->toBe(['skill_missing brass']);
    expect(alerting([], [$away('femi', '2026-03-04', '2026-03-05')]))->toBe([]);
    expect(alerting([], [$away('oona', '2026-03-03', '2026-03-04')]))->toBe([]);
    // Seen from Friday the next one is Monday.
    expect(alerting([], [$away('femi', '2026-03-09', '2026-03-10')], '2026-03-06 12:00'))->toBe([
        'skill_missing brass',
    ]);
});
