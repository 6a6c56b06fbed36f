<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunRefused;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\Step\AfterNo;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Flow\Run\StepWhy;
use OpenBaton\Core\Tests\Support\RunStory;
use OpenBaton\Core\Tests\Support\Sheets;

require_once __DIR__ . '/SheetFunctions.php';

it('drops a step whose task is dropped, and stops at one that is needed', function (): void {
    $sheet = Sheets::of(Sheets::inTurn('all', Sheets::task('a', needed: false), Sheets::task('b'), Sheets::task('c')));
    $story = new RunStory($sheet);
    $story->end('a', StepEnd::Dropped);
    expect($story->steps())->toBe('a dropped, b open, c -');
    $story->end('b', StepEnd::Dropped)->look('2026-12-09 10:00');
    expect($story->steps())->toBe('a dropped, b stopped, c -');
    expect($story->run->state)->toBe(RunState::Running);
});

it('opens a step that has stopped again: the next round of it alone', function (): void {
    $story = new RunStory(Sheets::of(Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'))));
    $story->end('a', StepEnd::Dropped)->again('a');
    expect($story->steps())->toBe('a open#2, b -');
    expect($story->acts)->toBe(['+a', '+a#2']);
    expect($story->run->earlier[0]->state->why)->toBe(StepWhy::Dropped);
    expect(static fn() => $story->again('a'))->toThrow(RunRefused::class, 'not_stopped');
});

it('goes on without a step that has stopped: it is dropped then', function (): void {
    $story = new RunStory(Sheets::of(Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'))));
    expect(static fn() => $story->without('a'))->toThrow(RunRefused::class, 'not_stopped');
    $story->end('a', StepEnd::Failed)->without('a');
    expect($story->steps())->toBe('a dropped, b open');
    expect($story->run->of('a')->why)->toBe(StepWhy::Without);
});

it('counts what cannot be carried out, or is withdrawn, like a dropped task', function (): void {
    $story = new RunStory(
        Sheets::of(Sheets::inTurn('all', Sheets::approval('ok'), Sheets::task('a', needed: false), Sheets::task('b'))),
    );
    $story->answer('ok', ApprovalOutcome::Withdrawn);
    expect($story->steps())->toBe('ok stopped, a -, b -');
    $story->without('ok')->end('a', StepEnd::Failed);
    expect($story->steps())->toBe('ok dropped, a dropped, b open');
});

it('ends by a no where the step says so, and withdraws what is open', function (): void {
    $story = new RunStory(
        Sheets::of(
            Sheets::inTurn(
                'all',
                Sheets::beside('two', Sheets::approval('ok', no: AfterNo::End), Sheets::task('a')),
                Sheets::task('b'),
            ),
        ),
    );
    $story->answer('ok', ApprovalOutcome::No);
    expect($story->run->state)->toBe(RunState::Ended);
    expect($story->steps())->toBe('ok done, a dropped, b -');
    expect($story->acts)->toBe(['+ok', '+a', '-a']);
    // Nothing can be done to what is over.
    expect($story->done('a', 'b')->steps())->toBe('ok done, a dropped, b -');
    expect(static fn() => $story->back('ok'))->toThrow(RunRefused::class, 'over');
});

it('goes on after no answer unless the step says otherwise', function (): void {
    $of = static fn(AfterNo $then): RunStory => (new RunStory(
        Sheets::of(Sheets::inTurn('all', Sheets::approval('ok', unanswered: $then), Sheets::task('a'))),
    ))->answer('ok', ApprovalOutcome::NoAnswer);
    expect($of(AfterNo::GoOn)->steps())->toBe('ok done, a open');
    expect($of(AfterNo::End)->run->state)->toBe(RunState::Ended);
});

it('sends back to a step side by side, round two of it and of nothing beside it', function (): void {
    $story = new RunStory(largeRepair());
    $story->done('diagnosis')->answer('approval', ApprovalOutcome::No);
    expect($story->steps())->toBe('diagnosis open#2, approval done, insurer skipped, bench -, check -');
    $story->done('diagnosis');
    expect($story->steps())->toBe('diagnosis done#2, approval done, insurer skipped, bench open, check -');
});

it('goes on after a no where the step to go back to was not settled', function (): void {
    $story = new RunStory(largeRepair());
    $story->answer('approval', ApprovalOutcome::No);
    expect($story->steps())->toBe('diagnosis open, approval done, insurer skipped, bench -, check -');
});

it(
    'goes back to a step: what is later one after another opens again, and open work there is withdrawn',
    function (): void {
        $story = new RunStory(
            Sheets::of(
                Sheets::beside(
                    'all',
                    Sheets::inTurn(
                        'one',
                        Sheets::task('a'),
                        Sheets::beside(
                            'two',
                            Sheets::inTurn('deep', Sheets::task('b'), Sheets::task('c')),
                            Sheets::task('d'),
                        ),
                        Sheets::approval('ok'),
                        Sheets::task('e'),
                    ),
                    Sheets::task('f'),
                ),
            ),
        );
        $story->done('a', 'b', 'c', 'd', 'f')->answer('ok', ApprovalOutcome::Yes);
        expect($story->steps())->toBe('a done, b done, c done, d done, ok done, e open, f done');
        $story->acts = [];
        $story->back('b');
        expect($story->steps())->toBe('a done, b open#2, c -#2, d done, ok -#2, e -#2, f done');
        expect($story->acts)->toBe(['-e', '+b#2']);
        expect($story->run->answers())->toBe([]);
        expect($story->run->earlier)->toHaveCount(4);
        $story->done('b', 'c');
        expect($story->steps())->toBe('a done, b done#2, c done#2, d done, ok open#2, e -#2, f done');
    },
);

it('does not ask the condition of a step to which it goes back', function (): void {
    $story = new RunStory(
        Sheets::of(Sheets::inTurn('all', Sheets::task('a', Sheets::if('wanted')), Sheets::task('b'))),
        '2026-12-01 10:00',
        'wanted',
    );
    $story->done('a')->turn(wanted: false)->back('a');
    expect($story->steps())->toBe('a open#2, b -#2');
});

it('opens a settled block of the first so many whole', function (): void {
    $story = new RunStory(
        Sheets::of(
            Sheets::inTurn(
                'all',
                Sheets::firstOf(
                    1,
                    'some',
                    Sheets::inTurn('one', Sheets::task('a'), Sheets::task('b')),
                    Sheets::task('c'),
                ),
                Sheets::task('d'),
            ),
        ),
    );
    $story->done('a', 'b');
    expect($story->steps())->toBe('a done, b done, c dropped, d open');
    $story->back('b');
    expect($story->steps())->toBe('a done, b open#2, c open#2, d -#2');
});

it('refuses to go back to what was not opened or is not settled', function (string $key, string $why): void {
    $story = new RunStory(largeRepair());
    $story->done('diagnosis');
    expect(static fn() => $story->back($key))->toThrow(RunRefused::class, $why);
})->with([
    ['insurer', 'not_settled'],
    ['approval', 'not_settled'],
    ['bench', 'not_settled'],
    ['before', 'not_there'],
    ['none', 'not_there'],
]);

it('stops a step past twenty rounds', function (): void {
    $story = new RunStory(Sheets::of(Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'))));
    for ($round = 2; $round <= Run::MOST_ROUNDS; ++$round) {
        $story->done('a')->back('a');
    }
    expect($story->steps())->toBe('a open#20, b -#20');
    $story->done('a')->back('a');
    expect($story->steps())->toBe('a stopped#21, b -#21');
    expect($story->run->of('a')->why)->toBe(StepWhy::Rounds);
    $story->without('a');
    expect($story->run->of('b')->why)->toBe(StepWhy::Rounds);
});

it('is cancelled by a person: its open work ends, once', function (): void {
    $story = new RunStory(largeRepair());
    $story->done('diagnosis')->cancel();
    expect($story->run->state)->toBe(RunState::Cancelled);
    expect($story->acts)->toBe(['+diagnosis', '+approval', '-approval']);
    expect(static fn() => $story->cancel())->toThrow(RunRefused::class, 'over');
    expect($story->look('2027-01-01 10:00')->run->state)->toBe(RunState::Cancelled);
});

it('takes no notice of what is told twice, or of an earlier round', function (): void {
    $story = new RunStory(Sheets::of(Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'))));
    $story->done('a')->done('a')->back('a');
    $story->end('a', StepEnd::Done, 1);
    expect($story->steps())->toBe('a open#2, b -#2');
    $story->end('b', StepEnd::Done);
    expect($story->steps())->toBe('a open#2, b -#2');
});
