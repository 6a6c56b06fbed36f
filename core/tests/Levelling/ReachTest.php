<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\Line;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Reach;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\WorkItem;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Oona works from nine to five; it is Monday, 2 March 2026, nine o'clock. */
function reachOf(array $absences = [], string $now = '2026-03-02 09:00'): Reach
{
    $roster = new Roster(Build::calendar(), [Build::person('oona')], absences: $absences);

    return new Reach($roster->people['oona'], $roster->presenceOf('oona'), Build::at($now));
}

it('says what can be done until any moment', function (string $until, int $minutes): void {
    expect(reachOf()->until(Build::at($until)))->toBe($minutes * 600_000);
})->with([
    'before now' => ['2026-03-02 08:00', 0],
    'within a day' => ['2026-03-02 10:30', 90],
    'at its end' => ['2026-03-02 17:00', 480],
    'at night' => ['2026-03-03 03:00', 480],
    'on the next' => ['2026-03-03 09:30', 510],
    'after a weekend' => ['2026-03-09 09:00', 2400],
]);

it('leaves out what somebody is away', function (): void {
    $away = reachOf([Build::absence('oona', '2026-03-03', '2026-03-04')]);
    expect($away->until(Build::at('2026-03-04 10:00')))->toBe(540 * 600_000);
});

it('makes of tasks the plan that the load plan makes', function (): void {
    $random = new Randomizer(new Mt19937(3));
    $person = Build::person('oona');
    $hours = Build::calendar();
    for ($case = 0; $case < 60; ++$case) {
        $items = [];
        for ($count = $random->getInt(1, 6), $number = 0; $number < $count; ++$number) {
            $start = $random->getInt(0, 2) === 0 ? $random->getInt(0, 6) : null;
            $due = $random->getInt(0, 4) === 0 ? null : $random->getInt($start ?? 0, 9);
            $at = static fn(?int $day): ?string => $day === null
                ? null
                : gmdate('Y-m-d H:i', Build::at('2026-03-02 11:00') + 86_400 * $day);
            $items[] = Build::item("t{$number}", 'oona', 60 * $random->getInt(1, 12), $at($due), $at($start));
        }
        usort($items, WorkItem::compare(...));
        $now = Build::at('2026-03-02 09:00');
        $plan = LoadPlanner::plan($hours, $hours, $person->capacity, $items, $now, toTheEnd: true);
        $reach = new Reach($person, $hours, $now);
        $jobs = array_map(
            static fn(WorkItem $one) => (new Movable(
                $one->id,
                $one->effort->left() * 600_000,
                'oona',
                ['oona'],
                $one->startAt,
                $one->dueAt,
            ))->on($reach),
            $items,
        );
        $late = array_filter(
            $items,
            static fn(WorkItem $one): bool => $one->dueAt !== null && $plan->finishes[$one->id] > $one->dueAt,
        );
        expect((new Line($jobs))->late() > 0)->toBe($late !== []);
    }
});
