<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Date\AfterStart;
use OpenBaton\Core\Flow\Run\RunTimes;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Flow\Run\Step\WaitFor;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\RunStory;
use OpenBaton\Core\Tests\Support\Sheets;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\WorkingSpan;

/** Hours of the steps that the tests have, by key. */
const STEP_HOURS = ['a' => 2, 'b' => 4, 'c' => 1, 'd' => 3, 'e' => 8];

/** @param array<string, int> $delays */
function timesOf(Block $root, ?RunStory $story = null, array $delays = []): RunTimes
{
    $story ??= new RunStory(Sheets::of($root), '2026-12-01 09:00');

    return new RunTimes(
        Sheets::of($root),
        $story->run,
        $story->moment(),
        array_map(static fn(int $hours): int => $hours * 60, STEP_HOURS),
        [],
        $delays,
    );
}

it('adds up what comes one after another, and takes the longest side by side', function (): void {
    $root = Sheets::inTurn(
        'all',
        Sheets::task('a'),
        Sheets::beside('two', Sheets::task('b'), Sheets::task('c')),
        Sheets::task('d'),
    );
    $times = timesOf($root);
    expect($times->of('b')->from)->toBe(Build::at('2026-12-01 11:00'));
    expect($times->of('c')->to)->toBe(Build::at('2026-12-01 12:00'));
    expect($times->of('d')->from)->toBe(Build::at('2026-12-01 15:00'));
    // Two, four and three hours from nine: an hour is left for Wednesday.
    expect($times->end())->toBe(Build::at('2026-12-02 10:00'));
    expect($times->criticalPath())->toBe(['a', 'b', 'd']);
});

it('says what a delay of a step does to the end', function (): void {
    $root = Sheets::inTurn('all', Sheets::beside('two', Sheets::task('b'), Sheets::task('c')), Sheets::task('a'));
    $times = timesOf($root);
    expect($times->end())->toBe(Build::at('2026-12-01 15:00'));
    expect($times->endIfDelayed('b', 60))->toBe(Build::at('2026-12-01 16:00'));
    expect($times->endIfDelayed('c', 180))->toBe(Build::at('2026-12-01 15:00'));
    expect($times->endIfDelayed('c', 240))->toBe(Build::at('2026-12-01 16:00'));
});

it('ends with the k-th where the first so many are enough', function (): void {
    $root = Sheets::inTurn(
        'all',
        Sheets::firstOf(2, 'some', Sheets::task('b'), Sheets::task('c'), Sheets::task('d')),
        Sheets::task('a'),
    );
    $times = timesOf($root);
    expect($times->of('a')->from)->toBe(Build::at('2026-12-01 12:00'));
    expect($times->criticalPath())->toBe(['d', 'a']);
});

it('counts what is skipped as nothing, and a condition that is not known yet as true', function (): void {
    $root = Sheets::inTurn(
        'all',
        Sheets::task('a', Sheets::if('never')),
        Sheets::task('c'),
        Sheets::task('e', Sheets::if('never')),
    );
    $times = timesOf($root);
    expect($times->of('a')->counts)->toBeFalse();
    expect($times->of('e')->from)->toBe(Build::at('2026-12-01 10:00'));
    expect($times->end())->toBe(Build::at('2026-12-02 10:00'));
    expect($times->criticalPath())->toBe(['c', 'e']);
});

it('goes by what has happened: when steps were settled, and now where one is late', function (): void {
    $root = Sheets::inTurn('all', Sheets::task('a'), Sheets::task('c'), Sheets::task('d'));
    $story = (new RunStory(Sheets::of($root), '2026-12-01 09:00'))->look('2026-12-01 15:00')->done('a');
    expect(timesOf($root, $story)->end())->toBe(Build::at('2026-12-02 11:00'));
    // An hour of work that is open since yesterday ends now at the earliest.
    expect(timesOf($root, $story->look('2026-12-02 12:00'))->end())->toBe(Build::at('2026-12-02 15:00'));
    $story->done('c', 'd');
    expect(timesOf($root, $story)->end())->toBe(Build::at('2026-12-02 12:00'));
});

it('waits as long as a step says, and begins no step before its date; what is before has time then', function (): void {
    $late = Sheets::step(
        'd',
        new TaskStep('repair', MergedText::parse('x'), start: new AfterStart(WorkingSpan::minutes(600))),
    );
    $root = Sheets::inTurn(
        'all',
        Sheets::step('wait', new WaitFor(WorkingSpan::minutes(120))),
        Sheets::task('c'),
        $late,
        Sheets::task('a'),
    );
    $times = timesOf($root);
    expect($times->of('c')->from)->toBe(Build::at('2026-12-01 11:00'));
    expect($times->of('d')->from)->toBe(Build::at('2026-12-02 11:00'));
    expect($times->end())->toBe(Build::at('2026-12-02 16:00'));
    expect($times->criticalPath())->toBe(['d', 'a']);
});

it('is the end of the run once it is over', function (): void {
    $root = Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'));
    $story = (new RunStory(Sheets::of($root), '2026-12-01 09:00'))->look('2026-12-01 10:00')->cancel();
    expect(timesOf($root, $story)->end())->toBe(Build::at('2026-12-01 10:00'));
    expect(timesOf($root, new RunStory(Sheets::of($root)))->end())->toBe(Build::at('2026-12-01 16:00'));
});
