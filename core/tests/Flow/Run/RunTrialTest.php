<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\Step\AfterNo;
use OpenBaton\Core\Flow\Run\Step\WaitFor;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Flow\Run\Trial\RunTrial;
use OpenBaton\Core\Flow\Run\Trial\TrialDeed;
use OpenBaton\Core\Flow\Run\Trial\TrialDeedKind;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\RunStory;
use OpenBaton\Core\Tests\Support\Sheets;
use OpenBaton\Core\Time\WorkingSpan;

/** @param list<TrialDeed> $deeds */
function tried(Runsheet $sheet, array $deeds, ?WeakMap $supposed = null): Run
{
    return RunTrial::through(
        $sheet,
        new RunMoment(
            Build::at('2026-12-01 10:00'),
            new Facts([], RunStory::house()->zone()->dateAt(Build::at('2026-12-01 10:00'))),
            RunStory::house(),
            null,
            $supposed,
        ),
        $deeds,
    )[0];
}

/** @param array<string, bool> $holds whether the conditions of blocks hold, by key */
function supposing(Runsheet $sheet, array $holds): WeakMap
{
    /** @var WeakMap<Condition, bool> $supposed */
    $supposed = new WeakMap();
    foreach ($holds as $key => $does) {
        $condition = $sheet->blocks[$key]->condition();
        if ($condition !== null) {
            $supposed[$condition] = $does;
        }
    }

    return $supposed;
}

it('goes on by what is said to happen', function (): void {
    $sheet = Sheets::of(Sheets::inTurn('all', Sheets::task('look'), Sheets::task('mend')));
    $run = tried($sheet, [new TrialDeed(TrialDeedKind::Done, 'look')]);
    expect($run->of('look')->state)->toBe(StepState::Done);
    expect($run->of('mend')->state)->toBe(StepState::Open);
    expect($run->state)->toBe(RunState::Running);
    $run = tried($sheet, [new TrialDeed(TrialDeedKind::Done, 'look'), new TrialDeed(TrialDeedKind::Done, 'mend')]);
    expect($run->state)->toBe(RunState::Finished);
});

it('is not held up by what no longer fits', function (): void {
    $sheet = Sheets::of(Sheets::inTurn('all', Sheets::task('look'), Sheets::task('mend')));
    $run = tried($sheet, [
        new TrialDeed(TrialDeedKind::Done, 'mend'),
        new TrialDeed(TrialDeedKind::Again, 'look'),
        new TrialDeed(TrialDeedKind::Done, 'gone'),
        new TrialDeed(TrialDeedKind::Yes, 'look'),
    ]);
    expect($run->of('look')->state)->toBe(StepState::Open);
    expect($run->of('mend')->state)->toBe(StepState::NotReached);
});

it('takes conditions to hold or not as somebody supposes, and asks those of which nothing is said', function (): void {
    $sheet = Sheets::of(
        Sheets::beside('all', Sheets::task('photos', Sheets::if('insured')), Sheets::task('bench', Sheets::if('open'))),
    );
    $run = tried($sheet, [], supposing($sheet, ['photos' => true]));
    expect($run->of('photos')->state)->toBe(StepState::Open);
    expect($run->of('bench')->state)->toBe(StepState::Skipped);
    expect(tried($sheet, [], supposing($sheet, ['photos' => false]))->of('photos')->state)->toBe(StepState::Skipped);
});

it('goes back where a no leads back, with its next round', function (): void {
    $sheet = Sheets::of(
        Sheets::inTurn('all', Sheets::task('look'), Sheets::approval('ask', no: AfterNo::Back, backTo: 'look')),
    );
    $run = tried($sheet, [
        new TrialDeed(TrialDeedKind::Done, 'look'),
        new TrialDeed(TrialDeedKind::No, 'ask'),
        new TrialDeed(TrialDeedKind::Done, 'look'),
    ]);
    expect($run->of('look')->round)->toBe(2);
    expect($run->of('ask')->state)->toBe(StepState::Open);
});

it('lets waits end when they do while its clock is moved', function (): void {
    $sheet = Sheets::of(
        Sheets::inTurn(
            'all',
            Sheets::step('dry', new WaitFor(WorkingSpan::minutes(60))),
            Sheets::step('cool', new WaitFor(WorkingSpan::minutes(60))),
            Sheets::task('polish'),
        ),
    );
    expect(tried($sheet, [new TrialDeed(TrialDeedKind::Later, minutes: 59)])->of('dry')->state)->toBe(StepState::Open);
    $run = tried($sheet, [new TrialDeed(TrialDeedKind::Later, minutes: 180)]);
    // 10:00, 11:00, 12:00: not where the clock was put, but where they ended
    expect($run->of('dry')->settledAt)->toBe(Build::at('2026-12-01 11:00'));
    expect($run->of('polish')->reachedAt)->toBe(Build::at('2026-12-01 12:00'));
    expect($run->of('polish')->state)->toBe(StepState::Open);
});
