<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\CaseMoves;
use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Flow\Gate\FieldFilled;
use OpenBaton\Core\Flow\Gate\NeededWorkDone;
use OpenBaton\Core\Flow\MoveRefusal;
use OpenBaton\Core\Flow\NeededTask;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\TaskStatus;

/** Enquiry, fitting, on hire; the terms are filled in before it is on hire, the work of the fitting is done. */
function hireMoves(): CaseMoves
{
    return new CaseMoves(
        new Track(
            'hire',
            'Hire',
            [
                new Stage('enquiry', 'Enquiry'),
                new Stage('fitting', 'Fitting', leave: [new NeededWorkDone()]),
                new Stage('sent', 'Sent', retired: true),
                new Stage('on-hire', 'On hire', enter: [new FieldFilled('case.terms')]),
            ],
            ['renewed' => 'Renewed'],
        ),
    );
}

/** @param array<string, string> $values */
function caseSeen(array $values = [], ?TaskStatus $fitting = null): CaseView
{
    return new CaseView(
        Build::facts($values),
        'oona',
        $fitting === null ? [] : [new NeededTask('fit', 'fitting', $fitting, 'ines')],
    );
}

function standsInFitting(): Stays
{
    return Stays::begin('enquiry', 100)->move('fitting', 200);
}

it('moves forwards where every gate is open, and says what is missing where one is not', function (): void {
    $moved = hireMoves()->move(
        standsInFitting(),
        'on-hire',
        caseSeen(['case.terms' => 'signed'], TaskStatus::Done),
        300,
    );
    expect([$moved->refusal, $moved->stays->current()->stage, $moved->stays->current()->reason])->toBe([
        null,
        'on-hire',
        null,
    ]);
    $refused = hireMoves()->move(standsInFitting(), 'on-hire', caseSeen(fitting: TaskStatus::Working), 300);
    expect($refused->refusal)
        ->toBe(MoveRefusal::GateClosed)
        ->and($refused->stays)
        ->toEqual(standsInFitting())
        ->and(array_map(static fn($gate): string => $gate->stage, $refused->missing))
        ->toBe(['fitting', 'on-hire']);
});

it('lets a lead have it pass with a reason, which stays with what was missing', function (): void {
    $view = caseSeen(['case.terms' => 'signed'], TaskStatus::Working);
    expect(hireMoves()->move(standsInFitting(), 'on-hire', $view, 300, null, true)->refusal)
        ->toBe(MoveRefusal::WantsReason)
        ->and(hireMoves()->move(standsInFitting(), 'on-hire', $view, 300, '  ', true)->refusal)
        ->toBe(MoveRefusal::WantsReason)
        ->and(hireMoves()->move(standsInFitting(), 'on-hire', $view, 300, 'They wait')->refusal)
        ->toBe(MoveRefusal::GateClosed);
    $passed = hireMoves()->move(standsInFitting(), 'on-hire', $view, 300, 'They wait', true)->stays->current();
    expect([$passed->stage, $passed->reason, $passed->passed[0]->missing[0]->what])->toBe([
        'on-hire',
        'They wait',
        'fit',
    ]);
});

it('goes back with a reason, whatever is missing', function (): void {
    $view = caseSeen(fitting: TaskStatus::Working);
    expect(hireMoves()->move(standsInFitting(), 'enquiry', $view, 300)->refusal)->toBe(MoveRefusal::WantsReason);
    $back = hireMoves()->move(standsInFitting(), 'enquiry', $view, 300, 'Wrong size');
    expect([$back->refusal, $back->stays->current()->stage, $back->missing])->toBe([null, 'enquiry', []]);
});

it('goes nowhere where it can not be', function (string $to, MoveRefusal $why): void {
    expect(hireMoves()->move(standsInFitting(), $to, caseSeen(), 300)->refusal)->toBe($why);
})->with([
    'where it stands' => ['fitting', MoveRefusal::ThereAlready],
    'retired' => ['sent', MoveRefusal::NoStage],
    'not there' => ['gone', MoveRefusal::NoStage],
]);

it('moves on from a stage that is retired, or gone', function (string $from): void {
    $moved = hireMoves()->move(Stays::begin($from, 100), 'on-hire', caseSeen(['case.terms' => 'x']), 300);
    expect($moved->refusal)->toBeNull();
})->with(['sent', 'gone']);

it('closes when needed work is done and runs have ended, or with a reason by whoever may', function (
    ?TaskStatus $fitting,
    bool $runs,
    ?string $reason,
    bool $mayPass,
    ?MoveRefusal $why,
): void {
    $closed = hireMoves()->close(standsInFitting(), caseSeen(fitting: $fitting), 300, $runs, $reason, $mayPass);
    expect($closed->refusal)
        ->toBe($why)
        ->and($closed->stays->isClosed())
        ->toBe($why === null);
})->with([
    'all done, and no gate is asked' => [TaskStatus::Done, false, null, false, null],
    'dropped' => [TaskStatus::Dropped, false, null, false, null],
    'work is open' => [TaskStatus::Waiting, false, 'They left', false, MoveRefusal::WorkOpen],
    'work is open, and a lead says nothing' => [TaskStatus::Waiting, false, null, true, MoveRefusal::WantsReason],
    'work is open, and a lead says why' => [TaskStatus::Waiting, false, 'They left', true, null],
    'a run is open' => [null, true, null, false, MoveRefusal::WorkOpen],
    'a run is open, and a lead says why' => [null, true, 'They left', true, null],
]);

it('is reopened in a stage, and neither moved nor closed while it is closed', function (): void {
    $closed = standsInFitting()->close(300);
    expect(hireMoves()->move($closed, 'on-hire', caseSeen(['case.terms' => 'x']), 400)->refusal)
        ->toBe(MoveRefusal::NotAsItIs)
        ->and(hireMoves()->close($closed, caseSeen(), 400)->refusal)
        ->toBe(MoveRefusal::NotAsItIs)
        ->and(hireMoves()->reopen($closed, 'sent', 400)->refusal)
        ->toBe(MoveRefusal::NoStage)
        ->and(hireMoves()->reopen(standsInFitting(), 'enquiry', 400)->refusal)
        ->toBe(MoveRefusal::NotAsItIs)
        ->and(hireMoves()->reopen($closed, 'on-hire', 400)->stays->current()->stage)
        ->toBe('on-hire');
});
