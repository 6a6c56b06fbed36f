<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\FlowBound;
use OpenBaton\Core\Levelling\Movable;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/LevellingFunctions.php';

/** By the smallest cut: of all sets of tasks the one whose others' work and whose own time are least. */
function boundByCuts(array $tasks, array $reach): int
{
    $moments = [];
    foreach ($tasks as $task) {
        array_push($moments, $task->startAt ?? 0, $task->dueAt);
    }
    $moments = array_values(array_unique($moments));
    sort($moments);
    $work = array_sum(array_map(static fn(Movable $one): int => $one->work, $tasks));
    $least = $work;
    for ($set = 1; $set < 1 << count($tasks); ++$set) {
        [$cut, $own] = [0, []];
        foreach ($tasks as $place => $task) {
            if ((($set >> $place) & 1) === 0) {
                $cut += $task->work;
                continue;
            }
            foreach ($task->eligible as $person) {
                foreach ($moments as $at => $moment) {
                    $next = $moments[$at + 1] ?? null;
                    if ($next !== null && $moment >= ($task->startAt ?? 0) && $next <= $task->dueAt) {
                        $own["{$person} {$at}"] = $reach[$person]->until($next) - $reach[$person]->until($moment);
                    }
                }
            }
        }
        $least = min($least, $cut + array_sum($own));
    }

    return $work - $least;
}

it('is the smallest cut, and no assignment is less late', function (): void {
    $random = new Randomizer(new Mt19937(200));
    $reach = threeReaches();
    [$met, $above] = [0, 0];
    for ($case = 0; $case < 200; ++$case) {
        $tasks = movables($random, $random->getInt(1, 6));
        $bound = FlowBound::of($tasks, $reach);
        expect($bound)->toBe(boundByCuts($tasks, $reach));
        $best = leastLate($tasks, $reach);
        expect($best)->toBeGreaterThanOrEqual($bound);
        $best === $bound ? ++$met : ++$above;
    }
    // It says something: mostly it is met, and now and then it is not.
    expect($met)->toBeGreaterThan(100);
    expect($above)->toBeGreaterThan(5);
});
