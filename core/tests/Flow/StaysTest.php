<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\CaseRefused;
use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Flow\Gate\FieldFilled;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Stay;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\WorkingTime;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return list<array{string, int, int|null}> */
function stoodIn(Stays $stays): array
{
    return array_map(static fn(Stay $one): array => [$one->stage, $one->enteredAt, $one->leftAt], $stays->all);
}

it('keeps each stay: entered, left, and for what reason', function (): void {
    $stays = Stays::begin('enquiry', 100)->move('fitting', 200)->move('enquiry', 250, reason: 'Wrong size');
    expect(stoodIn($stays))
        ->toBe([['enquiry', 100, 200], ['fitting', 200, 250], ['enquiry', 250, null]])
        ->and($stays->current()->reason)
        ->toBe('Wrong size');
});

it('is closed and reopened, and between it stands nowhere', function (): void {
    $stays = Stays::begin('enquiry', 100)->close(200);
    expect($stays->isClosed())
        ->toBeTrue()
        ->and(stoodIn($stays->reopen('fitting', 300)))
        ->toBe([['enquiry', 100, 200], ['fitting', 300, null]]);
});

it('does not go back in time where clocks differ', function (): void {
    expect(stoodIn(Stays::begin('enquiry', 100)->move('fitting', 90)->close(80)))->toBe([
        ['enquiry', 100, 100],
        ['fitting', 100, 100],
    ]);
});

it('refuses what does not fit how it is', function (Closure $do): void {
    expect($do)->toThrow(CaseRefused::class);
})->with([
    'moved where it stands' => [fn() => Stays::begin('enquiry', 100)->move('enquiry', 200)],
    'moved when closed' => [fn() => Stays::begin('enquiry', 100)->close(150)->move('fitting', 200)],
    'closed twice' => [fn() => Stays::begin('enquiry', 100)->close(150)->close(200)],
    'reopened when open' => [fn() => Stays::begin('enquiry', 100)->reopen('fitting', 200)],
]);

it('counts the working time of each stay', function (): void {
    $stays = Stays::begin('enquiry', Build::at('2026-03-02 16:00'))->move('fitting', Build::at('2026-03-03 10:00'));
    expect($stays->minutes(new WorkingTime(Build::calendar()), Build::at('2026-03-03 12:30')))->toBe([120, 150]);
});

it('is never behind a closed gate that nobody had it pass, and its stays add up to its age', function (): void {
    $random = new Randomizer(new Mt19937(22));
    $house = new WorkingTime(Build::calendar());
    [$passed, $refused] = [0, 0];
    for ($case = 0; $case < 200; ++$case) {
        $stages = [];
        for ($place = 0; $place < $random->getInt(2, 6); ++$place) {
            $stages[] = new Stage(
                "s{$place}",
                "S{$place}",
                leave: $random->getInt(0, 2) === 0 ? [new FieldFilled("case.l{$place}")] : [],
                enter: $random->getInt(0, 2) === 0 ? [new FieldFilled("case.e{$place}")] : [],
                retired: $place > 0 && $random->getInt(0, 5) === 0,
            );
        }
        $track = new Track('t', 'T', $stages, []);
        $begin = $at = Build::at('2026-03-02 09:00');
        $stays = Stays::begin('s0', $at);
        for ($step = 0; $step < 12; ++$step) {
            $at += 60 * $random->getInt(0, 600);
            $to = 's' . $random->getInt(0, count($stages) - 1);
            $values = [];
            for ($place = 0; $place < 6; ++$place) {
                $values += $random->getInt(0, 1) === 0 ? ["case.l{$place}" => 'x'] : ["case.e{$place}" => 'x'];
            }
            $from = $stays->current()->stage;
            if (!$track->takes($to) || $to === $from) {
                continue;
            }
            $view = new CaseView(Build::facts($values));
            $closed = $track->closed($from, $to, $view);
            if ($closed !== [] && $random->getInt(0, 2) > 0) {
                ++$refused;
                continue;
            }
            $passed += $closed === [] ? 0 : 1;
            $stays = $stays->move($to, $at, $closed);
            // Every gate to enter it holds, or is among those that it was let pass.
            foreach ($track->isForwards($from, $to) ? $stages : [] as $stage) {
                if ($stage->key !== $to) {
                    continue;
                }
                $missing = array_merge([], ...array_map(fn($gate) => $gate->missing($view, $to), $stage->enter));
                $known = array_filter(
                    $stays->current()->passed,
                    static fn($one): bool => $one->stage === $to && !$one->leaving,
                );
                expect($missing === [])->toBe($known === []);
            }
        }
        expect(array_sum($stays->minutes($house, $at)))->toBe($house->minutesBetween($begin, $at));
    }
    expect($passed)->toBeGreaterThan(50)->and($refused)->toBeGreaterThan(100);
});
