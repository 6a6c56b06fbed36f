<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\Job;
use OpenBaton\Core\Levelling\Line;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Reach;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Block;
use OpenBaton\Core\Workload\LoadMeasure;
use OpenBaton\Core\Workload\Outlook;
use OpenBaton\Core\Workload\WorkItem;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/LoadPlannerFunctions.php';

/** From Monday at nine on, eight hours a day. */
function outlook(WorkItem ...$items): Outlook
{
    return Outlook::of(
        planned($items, toTheEnd: true),
        array_values($items),
        Build::at('2026-03-02 09:00'),
        LoadMeasure::minutes(),
    );
}

/** @return array<array-key, string> when each is worked on */
function blocksOf(Outlook $outlook): array
{
    return array_map(
        static fn(Block $one): string => "{$one->taskId} " . gmdate('D H:i', $one->from) . gmdate('-H:i', $one->to),
        $outlook->plan->blocks,
    );
}

it('tells what is late from what will be, with by how much and from when', function (): void {
    $outlook = outlook(
        Build::item('over', 'oona', 60, '2026-03-01 17:00'),
        Build::item('tight', 'oona', 480, '2026-03-02 17:00'),
        Build::item('later', 'oona', 300, '2026-03-06 17:00'),
    );
    expect(array_column($outlook->overdue, 'id'))->toBe(['over']);
    expect(array_column($outlook->tooLate, 'id'))->toBe(['tight']);
    expect([$outlook->over, $outlook->behind])->toBe([60, 60]);
    expect($outlook->overFrom())->toBe(Build::at('2026-03-02 17:00'));
    expect([$outlook->isOver(), $outlook->hasRoom()])->toBe([true, false]);
    expect($outlook->free())->toBe(5 * 480 - 840);
    expect($outlook->plan->late)->toBe(['over' => 60, 'tight' => 60]);
    // Tuesday: the hour that is late, and five more.
    expect($outlook->plan->freeFrom)->toBe(Build::at('2026-03-03 15:00'));
});

it('says who has room, and that a task just in time is in time', function (
    int $minutes,
    string $due,
    array $said,
): void {
    $outlook = outlook(Build::item('one', 'oona', $minutes, $due));
    expect([$outlook->hasRoom(), $outlook->isOver(), $outlook->over])->toBe($said);
})->with([
    'all but an hour' => [2340, '2026-03-06 17:00', [true, false, 0]],
    'all but a minute less' => [2341, '2026-03-06 17:00', [false, false, 0]],
    'to the minute' => [480, '2026-03-02 17:00', [true, false, 0]],
    'a minute more' => [481, '2026-03-02 17:00', [false, true, 1]],
]);

it('never does what is too much, and that is late whole', function (): void {
    // Three months have some 66 working days.
    $outlook = outlook(Build::item('all', 'oona', 66 * 480 + 600, '2026-03-02 17:00'));
    expect($outlook->plan->finishes)->toBe([]);
    expect($outlook->over)->toBe(66 * 480 + 600 - 480);
    expect($outlook->plan->freeFrom)->toBeNull();
});

it('says what is done when, in as few pieces as there are', function (): void {
    $outlook = outlook(
        Build::item('long', 'oona', 600, '2026-03-05'),
        Build::item('soon', 'oona', 60, '2026-03-02 12:00', '2026-03-02 10:00'),
    );
    expect(blocksOf($outlook))->toBe([
        'long Mon 09:00-10:00',
        'soon Mon 10:00-11:00',
        'long Mon 11:00-17:00',
        'long Tue 09:00-12:00',
    ]);
});

it('agrees with the line of levelling on what is late', function (): void {
    $random = new Randomizer(new Mt19937(2026));
    $reach = new Reach(Build::person('oona'), Build::calendar(), Build::at('2026-03-02 09:00'));
    for ($case = 0; $case < 200; ++$case) {
        $items = randomItems($random, $random->getInt(1, 7));
        usort($items, WorkItem::compare(...));
        $line = new Line(
            array_map(
                static fn(WorkItem $one): Job => (new Movable(
                    $one->id,
                    $one->effort->left() * Movable::UNITS_A_MINUTE,
                    'oona',
                    ['oona'],
                    $one->startAt,
                    $one->dueAt,
                ))->on($reach),
                $items,
            ),
        );
        $plan = planned($items, toTheEnd: true);
        expect(array_sum($plan->late) * Movable::UNITS_A_MINUTE)->toBe($line->late());
    }
});

it('makes the greatest lateness as small as any schedule can', function (bool $withStarts): void {
    $random = new Randomizer(new Mt19937($withStarts ? 1974 : 1955));
    $late = 0;
    for ($case = 0; $case < 150; ++$case) {
        $items = randomItems($random, $random->getInt(1, 4), hours: true, starts: $withStarts);
        $plan = planned($items, toTheEnd: true);
        $greatest = max(
            0,
            ...array_map(
                static fn(WorkItem $one): int => $one->dueAt === null
                    ? 0
                    : hourOf($plan->finishes[$one->id]) - hourOf($one->dueAt),
                $items,
            ),
        );
        expect($greatest)->toBe(leastLateness($items));
        $late += $greatest > 0 ? 1 : 0;
    }
    expect($late)->toBeGreaterThan(20)->toBeLessThan(140);
})->with(['all at once' => [false], 'with start dates' => [true]]);
