<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\MovedRun;
use OpenBaton\Core\Flow\Run\RunAct;
use OpenBaton\Core\Flow\Run\RunActKind;
use OpenBaton\Core\Flow\Run\RunMove;
use OpenBaton\Core\Flow\Run\RunRefused;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Flow\Run\StepWhy;
use OpenBaton\Core\Tests\Support\RunStory;
use OpenBaton\Core\Tests\Support\Sheets;

/** @param list<string> $opens */
function movedTo(RunStory $story, Block $from, Block $to, array $opens = []): MovedRun
{
    return (new RunMove(Sheets::of($from), Sheets::of($to)))->move($story->run, $story->moment(), $opens);
}

function afterMove(MovedRun $moved, Block $to): string
{
    return RunStory::said(Sheets::of($to), $moved->advance->run);
}

it('leaves what is settled and open, and passes over what is new before an open step', function (): void {
    $from = Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'), Sheets::task('c'));
    $story = (new RunStory(Sheets::of($from)))->done('a');
    $to = Sheets::inTurn(
        'all',
        Sheets::task('new'),
        Sheets::task('a'),
        Sheets::task('b'),
        Sheets::task('after'),
        Sheets::task('c'),
    );
    $moved = movedTo($story, $from, $to);
    expect(afterMove($moved, $to))->toBe('new skipped, a done, b open, after -, c -');
    expect($moved->passed)->toBe(['new']);
    expect($moved->gone)->toBe([]);
    expect($moved->advance->acts)->toBe([]);
    expect($moved->advance->run->of('new')->why)->toBe(StepWhy::Moved);
});

it('opens what stands before an open step where the person says so', function (): void {
    $from = Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'));
    $story = (new RunStory(Sheets::of($from)))->done('a');
    $to = Sheets::inTurn(
        'all',
        Sheets::task('one'),
        Sheets::inTurn('in', Sheets::task('two'), Sheets::task('three')),
        Sheets::task('b'),
    );
    $moved = movedTo($story, $from, $to, ['three']);
    expect(afterMove($moved, $to))->toBe('one skipped, two skipped, three open, b open');
    expect($moved->passed)->toBe(['one', 'two']);
});

it('tells the open steps that are gone, and goes on with what is reached by that', function (): void {
    $from = Sheets::inTurn(
        'all',
        Sheets::task('a'),
        Sheets::beside('two', Sheets::task('b'), Sheets::task('c')),
        Sheets::task('d'),
    );
    $story = (new RunStory(Sheets::of($from)))->done('a', 'b');
    $to = Sheets::inTurn('all', Sheets::task('a'), Sheets::beside('two', Sheets::task('b')), Sheets::task('d'));
    $moved = movedTo($story, $from, $to);
    expect($moved->gone)->toEqual([new RunAct(RunActKind::Withdraw, 'c', 1)]);
    expect(afterMove($moved, $to))->toBe('a done, b done, d open');
    expect($moved->advance->run->earlier)->toHaveCount(1);
    expect($moved->advance->run->earlier[0]->state->why)->toBe(StepWhy::Gone);
});

it('takes a step of another kind for another, whose work is never taken for that of the one before', function (): void {
    $from = Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'));
    $story = new RunStory(Sheets::of($from));
    $to = Sheets::inTurn('all', Sheets::approval('a'), Sheets::task('b'));
    $moved = movedTo($story, $from, $to);
    expect($moved->gone)->toEqual([new RunAct(RunActKind::Withdraw, 'a', 1)]);
    expect($moved->advance->acts)->toEqual([new RunAct(RunActKind::Open, 'a', 2)]);
    expect(afterMove($moved, $to))->toBe('a open#2, b -');
});

it('keeps what is open within another block open, whatever the condition of the block', function (): void {
    $from = Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'));
    $story = (new RunStory(Sheets::of($from)))->done('a');
    $to = Sheets::inTurn(
        'all',
        Sheets::task('a'),
        new Lanes('wrap', [Sheets::task('b'), Sheets::task('beside')], Sheets::if('never')),
    );
    $moved = movedTo($story, $from, $to);
    expect(afterMove($moved, $to))->toBe('a done, b open, beside open');
});

it('adds nothing to a block that is settled', function (): void {
    $from = Sheets::inTurn('all', Sheets::beside('two', Sheets::task('a')), Sheets::task('b'));
    $story = (new RunStory(Sheets::of($from)))->done('a');
    $to = Sheets::inTurn('all', Sheets::beside('two', Sheets::task('a'), Sheets::task('late')), Sheets::task('b'));
    $moved = movedTo($story, $from, $to);
    expect(afterMove($moved, $to))->toBe('a done, late skipped, b open');
    expect($moved->advance->run->of('two')->state)->toBe(StepState::Done);
});

it('moves no run that is over', function (): void {
    $sheet = Sheets::inTurn('all', Sheets::task('a'));
    $story = (new RunStory(Sheets::of($sheet)))->done('a');
    expect(static fn() => movedTo($story, $sheet, $sheet))->toThrow(RunRefused::class, 'over');
});
