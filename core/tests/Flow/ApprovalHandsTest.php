<?php

declare(strict_types=1);

use OpenBaton\Core\Document\ApprovalFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\ApprovalWay;
use OpenBaton\Core\Flow\Vote;

require_once __DIR__ . '/ApprovalFunctions.php';

it('is answered by whoever has come to answer for somebody since, in their name', function (): void {
    $approval = approvalAsked(ApprovalRule::all(), ['oona', 'ines'])->answeredBy([0 => 'femi']);
    expect(whoIsAsked($approval))->toBe(['femi', 'ines']);
    $answered = $approval->answer('femi', Vote::Yes, null, 200);
    expect([$answered->places[0]->forId, $answered->places[0]->byId, $answered->hasAnswered('femi')])->toBe([
        'oona',
        'femi',
        true,
    ]);
    // What was answered stays whose it was.
    expect($answered->answeredBy([0 => 'hanneke'])->places[0]->byId)->toBe('femi');
    expect($answered->hasAnswered('ines'))->toBeFalse();
});

it('has a vacant place where a task of it is gone, and nobody where too few are left', function (): void {
    $approval = approvalAsked(ApprovalRule::atLeast(2), ['oona', 'ines', 'femi']);
    $left = $approval->vacated(1, 200);
    expect([whoIsAsked($left), $left->outcome])->toBe([['oona', 'femi'], null]);
    expect($left->vacated(1, 300))->toBe($left);
    $none = $left->vacated(0, 300);
    expect([$none->outcome, $none->settledAt, $none->asks()])->toBe([ApprovalOutcome::Nobody, 300, []]);
});

it('is written and read as it is', function (ApprovalRule $rule): void {
    $approval = approvalAsked($rule, ['oona', 'tobias', 'ines']);
    $approval = $approval->answer((string) whoIsAsked($approval)[0], Vote::No, 'Too dear', 150);
    $written = ApprovalFormat::write($approval);
    expect(ApprovalFormat::read(Node::root($written)))->toEqual($approval);
    expect(ApprovalWay::of($approval->rule)->rule((int) $approval->rule->least))->toEqual($rule);
})->with([
    'one of' => fn() => ApprovalRule::oneOf(),
    'all' => fn() => ApprovalRule::all(),
    'at least two' => fn() => ApprovalRule::atLeast(2),
    'in order' => fn() => ApprovalRule::inOrder(),
]);
