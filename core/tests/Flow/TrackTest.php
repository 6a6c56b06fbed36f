<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Flow\ClosedGate;
use OpenBaton\Core\Flow\Gate\ApprovalGiven;
use OpenBaton\Core\Flow\Gate\CriteriaHold;
use OpenBaton\Core\Flow\Gate\FieldFilled;
use OpenBaton\Core\Flow\Gate\Gate;
use OpenBaton\Core\Flow\Gate\Missing;
use OpenBaton\Core\Flow\Gate\NeededWorkDone;
use OpenBaton\Core\Flow\Gate\RunFinished;
use OpenBaton\Core\Flow\NeededTask;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\TaskStatus;

/** Enquiry, fitting, (trial, retired), on hire, term end: the terms are signed before the fitting is left. */
function hireTrack(): Track
{
    return new Track(
        'hire',
        'Hire',
        [
            new Stage('enquiry', 'Enquiry', 480, [new NeededWorkDone()]),
            new Stage('fitting', 'Fitting', null, [new FieldFilled('case.terms')]),
            new Stage('trial', 'Trial', null, [new FieldFilled('case.never')], [new FieldFilled('case.never')], true),
            new Stage('on-hire', 'On hire', null, [], [new ApprovalGiven('estimate')]),
            new Stage('term-end', 'Term end'),
        ],
        ['renewed' => 'Renewed', 'ended' => 'Ended'],
    );
}

/**
 * @param array<string, string|int|list<string>> $values by path
 * @param list<NeededTask>                       $needed
 * @param array<string, Approval>                $approvals
 * @param list<string>                           $runs
 */
function caseView(array $values = [], array $needed = [], array $approvals = [], array $runs = []): CaseView
{
    return new CaseView(Build::facts($values), 'oona', $needed, $approvals, $runs);
}

/** @return list<string> "leave fitting: field_filled case.terms oona" */
function closedGates(string $from, string $to, CaseView $case): array
{
    $said = [];
    foreach (hireTrack()->closed($from, $to, $case) as $gate) {
        foreach ($gate->missing as $missing) {
            $said[] = sprintf(
                '%s %s: %s %s %s',
                $gate->leaving ? 'leave' : 'enter',
                $gate->stage,
                $missing->kind,
                $missing->what,
                $missing->holderId ?? 'nobody',
            );
        }
    }

    return $said;
}

function estimateAsked(): Approval
{
    $people = [Build::person('hanneke'), Build::person('marek')];

    return Approval::ask(
        ApprovalRule::inOrder(),
        ['hanneke', 'marek'],
        new Approvers(new Roster(Build::calendar(), $people), [], Build::at('2026-03-02 10:00')),
        0,
    );
}

it('asks, forwards, to leave each stage that is left and to enter each that is entered', function (): void {
    $inspect = new NeededTask('inspect', 'enquiry', TaskStatus::Working, 'ines');
    expect(closedGates('enquiry', 'fitting', caseView(needed: [$inspect])))
        ->toBe(['leave enquiry: needed_work_done inspect ines'])
        ->and(closedGates('enquiry', 'fitting', caseView()))
        ->toBe([])
        ->and(
            closedGates(
                'enquiry',
                'term-end',
                caseView(needed: [$inspect], approvals: ['estimate' => estimateAsked()]),
            ),
        )
        ->toBe([
            'leave enquiry: needed_work_done inspect ines',
            'leave fitting: field_filled case.terms oona',
            'enter on-hire: approval_given estimate hanneke',
        ])
        ->and(closedGates('fitting', 'on-hire', caseView(['case.terms' => 'signed'])))
        ->toBe(['enter on-hire: approval_given estimate nobody']);
});

it('asks nothing backwards, nor of retired stages between', function (): void {
    expect(closedGates('term-end', 'enquiry', caseView()))
        ->toBe([])
        ->and(closedGates('on-hire', 'on-hire', caseView()))
        ->toBe([])
        // But of the one in which it is, retired or not.
        ->and(closedGates('trial', 'term-end', caseView()))
        ->toBe(['leave trial: field_filled case.never oona', 'enter on-hire: approval_given estimate nobody']);
});

it('takes cases into stages that it has, and that are not retired', function (): void {
    $track = hireTrack();
    expect([$track->takes('fitting'), $track->takes('trial'), $track->takes('gone')])
        ->toBe([true, false, false])
        ->and($track->first()->key)
        ->toBe('enquiry')
        ->and([$track->isForwards('enquiry', 'fitting'), $track->isForwards('fitting', 'enquiry')])
        ->toBe([true, false])
        ->and($track->isForwards('gone', 'enquiry'))
        ->toBeTrue();
});

it('is not made of stages of one key, nor of retired ones alone', function (array $stages): void {
    expect(static fn() => new Track('t', 'T', $stages, []))->toThrow(Refusal::class);
})->with([
    'one key' => [[new Stage('a', 'A'), new Stage('a', 'B')]],
    'all retired' => [[new Stage('a', 'A', retired: true)]],
]);

it('waits at each kind of gate for what is missing, and names who is to see to it', function (
    Gate $gate,
    CaseView $open,
    CaseView $closed,
    Missing $missing,
): void {
    expect($gate->missing($open, 'fitting'))
        ->toBe([])
        ->and($gate->missing($closed, 'fitting'))
        ->toEqual([$missing])
        ->and($missing->kind)
        ->toBe($gate::kind());
})->with([
    'needed work' => [
        new NeededWorkDone(),
        // Done, dropped by whoever may, or needed for another stage: none of them holds it.
        fn() => caseView(
            needed: [
                new NeededTask('a', 'fitting', TaskStatus::Done, 'ines'),
                new NeededTask('b', 'fitting', TaskStatus::Dropped, 'ines'),
                new NeededTask('c', 'enquiry', TaskStatus::New, 'ines'),
            ],
        ),
        fn() => caseView(needed: [new NeededTask('a', 'fitting', TaskStatus::Waiting)]),
        new Missing('needed_work_done', 'a'),
    ],
    'a field' => [
        new FieldFilled('case.terms'),
        fn() => caseView(['case.terms' => 'signed']),
        fn() => caseView(['case.terms' => []]),
        new Missing('field_filled', 'case.terms', 'oona'),
    ],
    'a run' => [
        new RunFinished('inspection'),
        fn() => caseView(runs: ['inspection']),
        fn() => caseView(runs: ['other']),
        new Missing('run_finished', 'inspection', 'oona'),
    ],
    'an approval that is still asked for' => [
        new ApprovalGiven('estimate'),
        fn() => caseView(
            approvals: [
                'estimate' => estimateAsked()
                    ->answer('hanneke', Vote::Yes, null, 1)
                    ->answer('marek', Vote::Yes, null, 2),
            ],
        ),
        fn() => caseView(approvals: ['estimate' => estimateAsked()->answer('hanneke', Vote::Yes, null, 1)]),
        new Missing('approval_given', 'estimate', 'marek'),
    ],
    'an approval that was refused' => [
        new ApprovalGiven('estimate'),
        fn() => caseView(
            approvals: [
                'estimate' => estimateAsked()
                    ->answer('hanneke', Vote::Yes, null, 1)
                    ->answer('marek', Vote::Yes, null, 2),
            ],
        ),
        fn() => caseView(approvals: ['estimate' => estimateAsked()->answer('hanneke', Vote::No, 'Too dear', 1)]),
        new Missing('approval_given', 'estimate'),
    ],
]);

it('waits for criteria to hold, and tells of the first that does not', function (): void {
    $gate = new CriteriaHold(new Condition(new Comparison('task.count', 'at_most', 40), Build::context()->fields));
    expect($gate->missing(caseView(['task.count' => 40]), 'fitting'))
        ->toBe([])
        ->and($gate->missing(caseView(['task.count' => 41]), 'fitting'))
        ->toEqual([new Missing('criteria_hold', 'task.count', 'oona')]);
});

it('wants an approval only where its criteria hold', function (): void {
    $large = new Condition(new Comparison('task.count', 'more_than', 40), Build::context()->fields);
    $gate = new ApprovalGiven('estimate', $large);
    expect($gate->missing(caseView(['task.count' => 40]), 'fitting'))
        ->toBe([])
        ->and($gate->missing(caseView(['task.count' => 41]), 'fitting'))
        ->toEqual([new Missing('approval_given', 'estimate')]);
});

it('keeps the gates of each stage apart', function (): void {
    $closed = hireTrack()->closed('fitting', 'term-end', caseView());
    expect(array_map(static fn(ClosedGate $one): array => [$one->stage, $one->leaving], $closed))->toBe([
        ['fitting', true],
        ['on-hire', false],
    ]);
});
