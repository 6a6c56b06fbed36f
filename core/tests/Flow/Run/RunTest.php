<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\Sequence;
use OpenBaton\Core\Flow\Run\Step\WaitHolds;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Flow\Run\StepWhy;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\RunStory;
use OpenBaton\Core\Tests\Support\Sheets;

require_once __DIR__ . '/SheetFunctions.php';

it('reaches the root at the start, and side by side all at once', function (): void {
    $story = new RunStory(largeRepair(), '2026-12-01 10:00', 'insured');
    expect($story->steps())->toBe('diagnosis open, approval open, insurer open, bench -, check -');
    expect($story->acts)->toBe(['+diagnosis', '+approval', '+insurer']);
});

it(
    'reaches what comes one after another once all before it is settled, and is finished with its root',
    function (): void {
        $story = new RunStory(largeRepair());
        expect($story->steps())->toBe('diagnosis open, approval open, insurer skipped, bench -, check -');
        $story->done('diagnosis');
        expect($story->steps())->toBe('diagnosis done, approval open, insurer skipped, bench -, check -');
        $story->answer('approval', ApprovalOutcome::Yes);
        expect($story->steps())->toBe('diagnosis done, approval done, insurer skipped, bench open, check -');
        $story->done('bench')->look('2026-12-02 11:00')->done('check');
        expect($story->steps())->toBe('diagnosis done, approval done, insurer skipped, bench done, check done');
        expect($story->run->state)->toBe(RunState::Finished);
        expect($story->run->overAt)->toBe(Build::at('2026-12-02 11:00'));
        expect($story->acts)->toBe(['+diagnosis', '+approval', '+bench', '+check']);
    },
);

it('goes on whichever of two branches ends first, one of them with a condition', function (
    array $on,
    array $order,
    array $acts,
): void {
    $sheet = Sheets::of(
        Sheets::inTurn(
            'all',
            Sheets::beside(
                'both',
                Sheets::inTurn('one', Sheets::task('a'), Sheets::task('b')),
                new Sequence('other', [Sheets::task('c')], Sheets::if('large')),
            ),
            Sheets::task('end'),
        ),
    );
    $story = new RunStory($sheet, '2026-12-01 10:00', ...$on);
    $story->done(...$order);
    expect($story->acts)->toBe($acts);
    expect($story->open())->toBe(['end']);
})->with([
    'it does not apply' => [[], ['a', 'b'], ['+a', '+b', '+end']],
    'it ends first' => [['large'], ['c', 'a', 'b'], ['+a', '+c', '+b', '+end']],
    'it ends between' => [['large'], ['a', 'c', 'b'], ['+a', '+c', '+b', '+end']],
    'it ends last' => [['large'], ['a', 'b', 'c'], ['+a', '+c', '+b', '+end']],
]);

it('asks a condition when it is reached, once per round', function (): void {
    $story = new RunStory(
        Sheets::of(
            Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b', Sheets::if('wanted')), Sheets::task('c')),
        ),
    );
    $story->turn(wanted: true)->done('a');
    expect($story->steps())->toBe('a done, b open, c -');
    // It holds no more, which is not asked again.
    $story->turn(wanted: false)->look();
    expect($story->steps())->toBe('a done, b open, c -');
    $story->done('b')->back('a');
    expect($story->steps())->toBe('a open#2, b -#2, c -#2');
    $story->done('a');
    expect($story->steps())->toBe('a done#2, b skipped#2, c open#2');
});

it(
    'skips all that is in a block whose condition does not hold, and what is only skipped holds nothing up',
    function (): void {
        $inner = new Sequence(
            'inner',
            [Sheets::task('a'), Sheets::beside('two', Sheets::task('b'), Sheets::task('c'))],
            Sheets::if('never'),
        );
        $story = new RunStory(Sheets::of(Sheets::inTurn('all', $inner, Sheets::task('d', Sheets::if('never')))));
        expect($story->steps())->toBe('a skipped, b skipped, c skipped, d skipped');
        expect($story->run->state)->toBe(RunState::Finished);
        expect($story->acts)->toBe([]);
    },
);

it('knows the answers of earlier approvals in its conditions', function (ApprovalOutcome $answer, string $steps): void {
    $story = new RunStory(
        Sheets::of(
            Sheets::inTurn(
                'all',
                Sheets::approval('ok'),
                Sheets::task('a', Sheets::answered('ok', 'yes')),
                Sheets::task('b', Sheets::answered('ok', 'no')),
                Sheets::task('c', Sheets::answered('ok', 'nobody')),
                Sheets::task('d', Sheets::answered('ok', 'no_answer')),
            ),
        ),
    );
    $story->answer('ok', $answer);
    expect($story->steps())->toBe($steps);
})->with([
    [ApprovalOutcome::Yes, 'ok done, a open, b -, c -, d -'],
    [ApprovalOutcome::No, 'ok done, a skipped, b open, c -, d -'],
    [ApprovalOutcome::Nobody, 'ok done, a skipped, b skipped, c open, d -'],
    [ApprovalOutcome::NoAnswer, 'ok done, a skipped, b skipped, c skipped, d open'],
]);

it('is settled once the first so many are done, and the rest is dropped', function (): void {
    $story = new RunStory(
        Sheets::of(
            Sheets::inTurn(
                'all',
                Sheets::firstOf(
                    2,
                    'some',
                    Sheets::inTurn('one', Sheets::task('a'), Sheets::task('b')),
                    Sheets::task('c'),
                    Sheets::task('d'),
                ),
                Sheets::task('e'),
            ),
        ),
    );
    $story->done('c', 'd');
    expect($story->steps())->toBe('a dropped, b dropped, c done, d done, e open');
    expect($story->run->of('a')->why)->toBe(StepWhy::Enough);
    expect($story->acts)->toBe(['+a', '+c', '+d', '-a', '+e']);
});

it('settles with all where fewer than are enough can still be done', function (): void {
    $story = new RunStory(
        Sheets::of(
            Sheets::inTurn(
                'all',
                Sheets::firstOf(
                    2,
                    'some',
                    Sheets::task('a', needed: false),
                    Sheets::task('b'),
                    Sheets::task('c', Sheets::if('never')),
                ),
                Sheets::task('d'),
            ),
        ),
    );
    $story->end('a', StepEnd::Dropped);
    expect($story->steps())->toBe('a dropped, b open, c skipped, d -');
    $story->done('b');
    expect($story->steps())->toBe('a dropped, b done, c skipped, d open');
});

it('makes nothing of what is enough at once', function (): void {
    // A wait that is over when it begins is done before the other is made.
    $over = new WaitHolds(Sheets::if('now'));
    $story = new RunStory(
        Sheets::of(Sheets::firstOf(1, 'some', Sheets::task('a'), Sheets::step('b', $over))),
        '2026-12-01 10:00',
        'now',
    );
    expect($story->steps())->toBe('a dropped, b done');
    expect($story->acts)->toBe([]);
});
