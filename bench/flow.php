<?php

declare(strict_types=1);

/*
 * What runs of runsheets and standing duties cost the core, in processor time: a step settled in runs of 20 and of 200
 * steps, the expected times of a runsheet of 400 steps (500 blocks) with its critical path, and a look at the clock for
 * 5,000 duties. Prints JSON, in milliseconds.
 */

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Flow\Duty\ByCalendar;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyLedger;
use OpenBaton\Core\Flow\Duty\DutyTemplate;
use OpenBaton\Core\Flow\Duty\DutyTick;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\RunTimes;
use OpenBaton\Core\Flow\Run\Sequence;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\Recurrence;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;

require __DIR__ . '/../vendor/autoload.php';

/** @param Closure(): mixed $work */
function processorTime(int $times, Closure $work): float
{
    $work();
    $used = static function (): float {
        $usage = getrusage();
        $part = static fn(string $name): float => is_int($usage[$name] ?? null) ? (float) $usage[$name] : 0.0;

        return $part('ru_utime.tv_sec') * 1e3 + $part('ru_utime.tv_usec') / 1e3;
    };
    $began = $used();
    for ($time = 0; $time < $times; ++$time) {
        $work();
    }

    return round(($used() - $began) / $times, 4);
}

/** So many steps, five side by side and these one after another. */
function sheetOf(int $steps): Runsheet
{
    $blocks = [];
    for ($number = 0; $number < $steps; $number += 5) {
        $blocks[] = new Lanes(
            "l{$number}",
            array_map(
                static fn(int $lane): Step => new Step(
                    's' . ($number + $lane),
                    'Step',
                    new TaskStep('repair', MergedText::parse('Step')),
                ),
                range(0, 4),
            ),
        );
    }

    return new Runsheet('sheet', 'Sheet', new Sequence('all', $blocks));
}

$week = array_fill(1, 5, [new MinuteRange(540, 1020)]);
$house = new WorkCalendar(new Zone('Europe/Dublin'), [new WeeklyPattern(LocalDate::parse('2020-01-01'), $week)]);
$now = $house->zone()->instant(LocalDate::parse('2026-12-01'), 600);
$moment = new RunMoment($now, new Facts([], $house->zone()->dateAt($now)), $house);

$settled = static function (int $steps) use ($moment): float {
    $sheet = sheetOf($steps);
    $engine = new RunEngine($sheet);
    $run = $engine->begin($moment)->run;
    // Half way.
    for ($step = 0; $step < $steps / 2; ++$step) {
        $run = $engine->end($run, "s{$step}", 1, StepEnd::Done, $moment)->run;
    }
    $next = 's' . $steps / 2;

    return processorTime(200, static fn() => $engine->end($run, $next, 1, StepEnd::Done, $moment));
};
$long = sheetOf(400);
$times = static function () use ($long, $moment): void {
    (new RunTimes(
        $long,
        (new RunEngine($long))->begin($moment)->run,
        $moment,
        array_fill_keys(array_keys($long->steps()), 60),
    ))->criticalPath();
};
$duty = new Duty(
    'reeds',
    'Reed count',
    new DutyTemplate('stock-count', MergedText::parse('Count')),
    new ByCalendar(new Recurrence('FREQ=WEEKLY;BYDAY=FR', LocalDate::parse('2026-01-02'), TimeOfDay::parse('00:00'))),
    Offset::parse('+0 days'),
    Offset::parse('+0 days'),
);
$ledger = new DutyLedger(LocalDate::parse('2026-11-27'));
$tick = new DutyTick($house);

echo json_encode(
    [
        'settle_20' => $settled(20),
        'settle_200' => $settled(200),
        'times_400' => processorTime(10, $times),
        'duties_5000' => processorTime(1, static function () use ($tick, $duty, $ledger, $now): void {
            for ($number = 0; $number < 5000; ++$number) {
                $tick->acts($duty, $ledger, $now);
            }
        }),
    ],
    JSON_THROW_ON_ERROR,
);
