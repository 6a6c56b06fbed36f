<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\LoadRatio;

require_once __DIR__ . '/LoadPlannerFunctions.php';

it('presses with all that is due or undated, and with later work as far as it is done', function (): void {
    $plan = planned([
        Build::item('due', 'oona', 300, '2026-03-03'),
        Build::item('later', 'oona', 3000, '2026-05-01'),
        Build::item('undated', 'oona', 500),
    ]);
    // 2400 in all: 300 due, then 2100 of the later work, then nothing of the undated 500.
    expect([$plan->ratio()->pressing, $plan->ratio()->capacity])->toBe([300 + 2100 + 500, 2400]);
});

it('is above 1 only for work that cannot be done in the horizon', function (): void {
    expect(
        planned([Build::item('a', 'oona', 2400, '2026-03-06')])
            ->ratio()
            ->percent(),
    )->toBe(100);
    expect(
        planned([Build::item('a', 'oona', 3600, '2026-03-06')])
            ->ratio()
            ->percent(),
    )->toBe(150);
});

it('does work that is done in no time at once', function (): void {
    expect(planned([Build::item('a', 'oona', 0)])->finishes)->toBe(['a' => Build::at('2026-03-02 09:00')]);
    expect(planned([Build::item('a', 'oona', 0, start: '2026-03-04 10:00')])->finishes)->toBe([
        'a' => Build::at('2026-03-04 10:00'),
    ]);
    expect(planned([Build::item('a', 'oona', 0, start: '2026-02-04 10:00')])->finishes)->toBe([
        'a' => Build::at('2026-03-02 09:00'),
    ]);
});

it('goes on past the horizon where asked to', function (): void {
    $items = [Build::item('a', 'oona', 2460)];
    expect(planned($items)->finishes)->toBe([]);
    expect(planned($items, toTheEnd: true)->finishes)->toBe(['a' => Build::at('2026-03-09 10:00')]);

    // Seven days of work: the second of them that lies behind the horizon is Tuesday.
    expect(planned([Build::item('a', 'oona', 7 * 480)], toTheEnd: true)->finishes)->toBe([
        'a' => Build::at('2026-03-10 17:00'),
    ]);
});

it('knows the ratio with one more task without planning it', function (): void {
    mt_srand(20260302);
    $dues = [null, '2026-03-02 12:00', '2026-03-04 12:00', '2026-03-06 17:00', '2026-03-20', '2026-04-20'];
    for ($round = 0; $round < 500; ++$round) {
        $items = [];
        for ($number = mt_rand(0, 8); $number > 0; --$number) {
            $items[] = Build::item("t{$number}", 'oona', mt_rand(1, 12) * 60, $dues[mt_rand(0, 5)]);
        }
        $minutes = mt_rand(1, 30) * 60;
        $due = $dues[mt_rand(0, 5)];
        $foretold = planned($items)->ratioWith($minutes, $due === null ? null : Build::at($due));
        $real = planned([...$items, Build::item('new', 'oona', $minutes, $due)])->ratio();
        expect([$foretold->pressing, $foretold->capacity])->toBe([$real->pressing, $real->capacity]);
    }
});

it('compares ratios exactly, with nobody below one without capacity', function (): void {
    expect((new LoadRatio(1, 3))->compare(new LoadRatio(2, 6)))->toBe(0);
    expect((new LoadRatio(0, 0))->compare(new LoadRatio(999, 1)))->toBe(1);
    expect((new LoadRatio(0, 0))->compare(new LoadRatio(5, 0)))->toBe(0);
    expect((new LoadRatio(0, 0))->value())->toBe(INF);
    expect((new LoadRatio(0, 0))->percent())->toBeNull();
    expect((new LoadRatio(90, 100))->exceedsPercent(90))->toBeFalse();
    expect((new LoadRatio(901, 1000))->exceedsPercent(90))->toBeTrue();
    expect((new LoadRatio(0, 0))->exceedsPercent(1000))->toBeTrue();
});
