<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\NotAsked;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\Refusal;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/ApprovalFunctions.php';

it('comes to what its rule says', function (
    ApprovalRule $rule,
    array $votes,
    ?ApprovalOutcome $outcome,
    array $stillAsked,
): void {
    $approval = approvalVoted(approvalAsked($rule, ['oona', 'ines', 'femi']), $votes);
    expect($approval->outcome)->toBe($outcome)->and(whoIsAsked($approval))->toBe($stillAsked);
})->with([
    'one of, nobody yet' => [ApprovalRule::oneOf(), [], null, ['oona', 'ines', 'femi']],
    'one of, the first yes' => [ApprovalRule::oneOf(), ['ines' => 'yes'], ApprovalOutcome::Yes, []],
    'one of, a no alone' => [ApprovalRule::oneOf(), ['ines' => 'no'], null, ['oona', 'femi']],
    'one of, a yes after a no' => [ApprovalRule::oneOf(), ['ines' => 'no', 'femi' => 'yes'], ApprovalOutcome::Yes, []],
    'one of, all no' => [
        ApprovalRule::oneOf(),
        ['ines' => 'no', 'femi' => 'no', 'oona' => 'no'],
        ApprovalOutcome::No,
        [],
    ],
    'all, two of them' => [ApprovalRule::all(), ['ines' => 'yes', 'femi' => 'yes'], null, ['oona']],
    'all' => [ApprovalRule::all(), ['ines' => 'yes', 'femi' => 'yes', 'oona' => 'yes'], ApprovalOutcome::Yes, []],
    'all, one no' => [ApprovalRule::all(), ['ines' => 'yes', 'femi' => 'no'], ApprovalOutcome::No, []],
    'two, one yes' => [ApprovalRule::atLeast(2), ['ines' => 'yes'], null, ['oona', 'femi']],
    'two' => [ApprovalRule::atLeast(2), ['ines' => 'yes', 'oona' => 'yes'], ApprovalOutcome::Yes, []],
    'two, one no' => [ApprovalRule::atLeast(2), ['ines' => 'no'], null, ['oona', 'femi']],
    'two, two no' => [ApprovalRule::atLeast(2), ['ines' => 'no', 'femi' => 'no'], ApprovalOutcome::No, []],
    'in order, the first' => [ApprovalRule::inOrder(), [], null, ['oona']],
    'in order, then the second' => [ApprovalRule::inOrder(), ['oona' => 'yes'], null, ['ines']],
    'in order, a no of the first' => [ApprovalRule::inOrder(), ['oona' => 'no'], ApprovalOutcome::No, []],
    'in order, all' => [
        ApprovalRule::inOrder(),
        ['oona' => 'yes', 'ines' => 'yes', 'femi' => 'yes'],
        ApprovalOutcome::Yes,
        [],
    ],
]);

it('never asks whoever has to do with it, nor anybody twice', function (): void {
    expect(whoIsAsked(approvalAsked(ApprovalRule::oneOf(), ['oona', 'ines', 'oona'], 'ines')))->toBe(['oona']);
});

it('asks the substitute of somebody who is absent, who answers in their name', function (): void {
    $approval = approvalAsked(ApprovalRule::atLeast(2), ['tobias', 'oona', 'ines'], 'ines');
    expect(whoIsAsked($approval))
        ->toBe(['marek', 'oona'])
        ->and($approval->places[0]->forId)
        ->toBe('tobias');
    $both = approvalVoted($approval, ['marek' => 'yes', 'oona' => 'yes']);
    expect($both->outcome)->toBe(ApprovalOutcome::Yes)->and($both->settledAt)->toBe(200);
});

it('passes over a substitute who may not answer, or who is asked already', function (): void {
    $vacant = approvalAsked(ApprovalRule::oneOf(), ['tobias', 'oona'], 'marek');
    expect($vacant->places[0]->isVacant())
        ->toBeTrue()
        ->and(whoIsAsked($vacant))
        ->toBe(['oona']);
    $twice = approvalAsked(ApprovalRule::oneOf(), ['marek', 'tobias']);
    expect(whoIsAsked($twice))
        ->toBe(['marek'])
        ->and($twice->places[1]->isVacant())
        ->toBeTrue();
});

it('is nobody where there are too few to reach a yes, and never a yes', function (
    ApprovalRule $rule,
    array $people,
    array $barred,
): void {
    $approval = approvalAsked($rule, $people, ...$barred);
    expect($approval->outcome)->toBe(ApprovalOutcome::Nobody)->and($approval->settledAt)->toBe(100);
})->with([
    'none' => [ApprovalRule::oneOf(), [], []],
    'none left' => [ApprovalRule::all(), ['oona'], ['oona']],
    'fewer than have to' => [ApprovalRule::atLeast(3), ['oona', 'ines'], []],
    'all, of whom one can not' => [ApprovalRule::all(), ['oona', 'tobias'], ['marek']],
    'in order, of whom one can not' => [ApprovalRule::inOrder(), ['oona', 'tobias'], ['marek']],
]);

it('goes to whoever somebody names in their place, else the place is vacant', function (): void {
    $handed = fn(?string $to, string ...$barred): Approval => approvalAsked(ApprovalRule::all(), [
        'oona',
        'ines',
    ])->handOn('oona', $to, approversBut(...$barred), 200);
    expect(whoIsAsked($handed('femi')))
        ->toBe(['femi', 'ines'])
        ->and(whoIsAsked($handed('tobias')))
        ->toBe(['marek', 'ines'])
        ->and($handed('tobias')->places[0]->forId)
        ->toBe('tobias')
        ->and($handed(null)->outcome)
        ->toBe(ApprovalOutcome::Nobody)
        ->and($handed('ines')->outcome)
        ->toBe(ApprovalOutcome::Nobody)
        ->and($handed('femi', 'femi')->outcome)
        ->toBe(ApprovalOutcome::Nobody);
    $still = approvalAsked(ApprovalRule::oneOf(), ['oona', 'ines'])->handOn('oona', null, approversBut(), 200);
    expect($still->outcome)
        ->toBeNull()
        ->and(whoIsAsked($still))
        ->toBe(['ines']);
});

it('takes no answer of whoever is not asked, or not any more', function (Closure $answer): void {
    expect($answer)->toThrow(NotAsked::class);
})->with([
    'somebody else' => [fn() => approvalAsked(ApprovalRule::oneOf(), ['oona'])->answer('femi', Vote::Yes, null, 200)],
    'twice' => [
        fn() => approvalVoted(approvalAsked(ApprovalRule::all(), ['oona', 'ines']), ['oona' => 'yes'])->answer(
            'oona',
            Vote::No,
            'After all',
            200,
        ),
    ],
    'out of order' => [
        fn() => approvalAsked(ApprovalRule::inOrder(), ['oona', 'ines'])->answer('ines', Vote::Yes, null, 200),
    ],
    'settled' => [
        fn() => approvalVoted(approvalAsked(ApprovalRule::oneOf(), ['oona', 'ines']), ['oona' => 'yes'])->answer(
            'ines',
            Vote::No,
            null,
            200,
        ),
    ],
    'the one away' => [
        fn() => approvalAsked(ApprovalRule::oneOf(), ['tobias'])->answer('tobias', Vote::Yes, null, 200),
    ],
    'handed on when settled' => [
        fn() => approvalVoted(approvalAsked(ApprovalRule::oneOf(), ['oona']), ['oona' => 'no'])->handOn(
            'oona',
            null,
            approversBut(),
            200,
        ),
    ],
    'withdrawn twice' => [
        fn() => approvalAsked(ApprovalRule::oneOf(), ['oona'])
            ->withdraw(200)
            ->withdraw(300),
    ],
]);

it('is over when whoever asked withdraws, or at its latest moment', function (): void {
    $approval = approvalAsked(ApprovalRule::all(), ['oona', 'ines']);
    expect($approval->withdraw(300)->outcome)
        ->toBe(ApprovalOutcome::Withdrawn)
        ->and($approval->at(999)->outcome)
        ->toBeNull()
        ->and($approval->at(1_000)->outcome)
        ->toBe(ApprovalOutcome::NoAnswer)
        ->and($approval->at(5_000)->settledAt)
        ->toBe(1_000)
        ->and(whoIsAsked($approval->at(1_000)))
        ->toBe([]);
    $settled = approvalVoted($approval, ['oona' => 'no']);
    expect($settled->at(5_000))->toBe($settled);
});

it('keeps the reason of a no, and when it was given', function (): void {
    $approval = approvalAsked(ApprovalRule::all(), ['oona'])->answer('oona', Vote::No, 'Too dear', 250);
    expect([$approval->places[0]->reason, $approval->places[0]->at, $approval->settledAt])->toBe([
        'Too dear',
        250,
        250,
    ]);
});

it('refuses a number of people that makes no sense', function (int $people): void {
    expect(static fn() => ApprovalRule::atLeast($people))->toThrow(Refusal::class);
})->with([0, 51]);

it('is settled just when nothing that can still be said would change its outcome', function (): void {
    $random = new Randomizer(new Mt19937(7));
    $outcomes = [];
    for ($case = 0; $case < 400; ++$case) {
        $rule = [ApprovalRule::oneOf(), ApprovalRule::all(), ApprovalRule::atLeast(2), ApprovalRule::inOrder()][
            $random->getInt(0, 3)
        ];
        $people = array_slice(['oona', 'ines', 'femi', 'hanneke', 'tobias'], $random->getInt(0, 2));
        $approval = approvalAsked($rule, $people, ...$random->getInt(0, 1) === 0 ? ['marek'] : []);
        while (!$approval->isSettled()) {
            // All that can still come, whatever each says, is not one and the same.
            expect(
                count(array_unique(array_map(static fn($one): string => $one->value, approvalEnds($approval)))),
            )->toBe(2);
            $who = $random->shuffleArray(whoIsAsked($approval))[0];
            $approval = $approval->answer((string) $who, Vote::cases()[$random->getInt(0, 1)], null, 200);
        }
        $outcomes[$approval->outcome?->value] = true;
        expect($approval->asks())->toBe([]);
    }
    ksort($outcomes);
    expect(array_keys($outcomes))->toBe(['no', 'nobody', 'yes']);
});

/** @return list<ApprovalOutcome> all that it may come to */
function approvalEnds(Approval $approval): array
{
    if ($approval->outcome !== null) {
        return [$approval->outcome];
    }
    $ends = [];
    $who = (string) whoIsAsked($approval)[0];
    foreach (Vote::cases() as $vote) {
        array_push($ends, ...approvalEnds($approval->answer($who, $vote, null, 200)));
    }

    return $ends;
}
