<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\Sequence;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Tests\Support\PlainRun;
use OpenBaton\Core\Tests\Support\RunStory;
use OpenBaton\Core\Tests\Support\Sheets;
use Random\Engine\Mt19937;
use Random\Randomizer;

const RUN_FIELDS = ['one', 'two', 'three'];

function randomBlock(Randomizer $random, int $depth, int &$number): Block
{
    $key = 'b' . ++$number;
    $if = $random->getInt(0, 3) === 0 ? Sheets::if(RUN_FIELDS[$random->getInt(0, 2)]) : null;
    if ($depth === 0 || $random->getInt(0, 2) === 0) {
        return Sheets::task($key, $if, $random->getInt(0, 1) === 0);
    }
    $blocks = [];
    for ($left = $random->getInt(1, 4); $left > 0; --$left) {
        $blocks[] = randomBlock($random, $depth - 1, $number);
    }

    return match ($random->getInt(0, 2)) {
        0 => new Sequence($key, $blocks, $if),
        1 => new Lanes($key, $blocks, $if),
        default => new Lanes($key, $blocks, $if, $random->getInt(1, count($blocks))),
    };
}

function randomSheet(Randomizer $random): Runsheet
{
    $number = 0;

    return Sheets::of(randomBlock($random, 3, $number));
}

/** The same thing is done in both; what it is depends on what can be done. */
function doSomething(RunStory $story, PlainRun $plain, Randomizer $random): void
{
    $pick = static fn(array $of): string => $of[$random->getInt(0, count($of) - 1)];
    $open = $story->open();
    $stopped = $story->run->in(StepState::Stopped);
    $settled = array_values(
        array_filter(
            [...$plain->those('done'), ...$plain->those('dropped')],
            static fn(string $key): bool => $story->run->of($key)->reachedAt !== null,
        ),
    );
    $deed = $random->getInt(0, 9);
    if ($deed === 0) {
        $field = $pick(RUN_FIELDS);
        $on = $random->getInt(0, 1) === 1;
        $story->turn(...[$field => $on])->look();
        $plain->on["house.{$field}"] = $on;
    } elseif ($deed === 1 && $stopped !== []) {
        $key = $pick($stopped);
        $story->again($key);
        $plain->again($key);
    } elseif ($deed <= 3 && $stopped !== []) {
        $key = $pick($stopped);
        $story->without($key);
        $plain->without($key);
    } elseif ($deed === 4 && $settled !== []) {
        $key = $pick($settled);
        $story->back($key);
        $plain->back($key);
    } elseif ($open !== []) {
        $key = $pick($open);
        $isDone = $deed < 8;
        $story->end($key, $isDone ? StepEnd::Done : StepEnd::Dropped);
        $plain->become($key, $isDone ? 'done' : 'dropped');
    }
}

it('runs as its definition is said, whatever is done in whatever order; nothing opens twice', function (
    int $seed,
): void {
    $random = new Randomizer(new Mt19937($seed));
    for ($world = 0; $world < 40; ++$world) {
        $sheet = randomSheet($random);
        $on = array_values(array_filter(RUN_FIELDS, static fn(): bool => $random->getInt(0, 1) === 1));
        $story = new RunStory($sheet, '2026-12-01 10:00', ...$on);
        $plain = new PlainRun(
            $sheet,
            array_fill_keys(array_map(static fn(string $one): string => "house.{$one}", $on), true),
        );
        expect($story->steps())->toBe($plain->steps());
        for ($deed = 0; $deed < 25 && $story->run->isRunning(); ++$deed) {
            doSomething($story, $plain, $random);
            expect($story->steps())->toBe($plain->steps());
            expect($story->run->isRunning())->toBe(!$plain->isOver());
        }
        expect(array_unique($story->acts))->toBe($story->acts);
        // Of each that opened the work is over, or it is open.
        expect($story->open())->toBe(array_values(array_intersect(array_keys($sheet->steps()), $plain->those('open'))));
    }
})->with(range(1, 12));

it('ends once its steps are settled, in whatever order', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    for ($world = 0; $world < 40; ++$world) {
        $sheet = randomSheet($random);
        $story = new RunStory($sheet, '2026-12-01 10:00', ...array_slice(RUN_FIELDS, $random->getInt(0, 2)));
        for ($left = count($sheet->steps()); $left > 0 && $story->run->isRunning(); --$left) {
            $open = $story->open();
            expect($open)->not->toBe([]);
            $key = $open[$random->getInt(0, count($open) - 1)];
            $story->end($key, $random->getInt(0, 3) === 0 ? StepEnd::Dropped : StepEnd::Done);
            if ($story->run->of($key)->state === StepState::Stopped) {
                $story->without($key);
            }
        }
        expect($story->run->state)->toBe(RunState::Finished);
        expect($story->run->in(StepState::Open))->toBe([]);
        expect($story->run->in(StepState::NotReached))->toBe([]);
    }
})->with(range(1, 5));
