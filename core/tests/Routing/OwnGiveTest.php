<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\Json;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\OwnGive;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;

/** Of a duty, as the rulebook has two rules: one that gives, one that puts a tag on. */
function ownDecision(Give $give): Decision
{
    return Bench::decide(
        [
            Build::rule('rest', new NamedPeople(['tobias']), new InOrder()),
            Build::rule('tags', null, null, then: [new AddTag('counted')]),
        ],
        Build::event()->givenBy(new OwnGive('duty.reeds', 'Reed count', $give)),
    );
}

it('asks what made the task before any rule; follow-ups of rules act all the same', function (): void {
    $decision = ownDecision(new Give(new TeamMembers('brass'), new RoundRobin('reeds'), [], new NextRule()));
    expect([$decision->assigneeId, $decision->outcome])->toBe(['ayumi', Outcome::Assigned]);
    expect([$decision->decidingRule(), $decision->decidedByName()])->toBe([null, 'Reed count']);
    expect(Bench::verdicts($decision))->toBe(['not_reached', 'followed_up']);
    expect($decision->subjectAfter()->tags)->toBe(['counted']);
    expect($decision->rotation?->name)->toBe('reeds');
    expect($decision->acted())->toBe([1]);
});

it('goes on to the rules where it finds nobody, or waits, as it says', function (): void {
    $nobody = new NamedPeople(['greta']);
    $next = ownDecision(new Give($nobody, new InOrder(), [], new NextRule()));
    expect([$next->assigneeId, $next->decidingRule()?->id])->toBe(['tobias', 'rest']);
    $waits = ownDecision(new Give($nobody, new InOrder(), [], new WaitUnplaced()));
    expect([$waits->assigneeId, $waits->outcome, $waits->decidedByName()])->toBe([
        null,
        Outcome::Unplaced,
        'Reed count',
    ]);
});

it('says in its document to whom it gave, and why', function (): void {
    $decision = ownDecision(new Give(new TeamMembers('brass'), new RoundRobin('reeds'), [], new NextRule()));
    $document = DecisionFormat::write($decision);
    $first = $document['verdicts'][0];
    expect($document['rule'])->toBe('duty.reeds');
    expect([$first['rule'], $first['name'], $first['verdict'], $first['pick']])->toBe([
        'duty.reeds',
        'Reed count',
        'decided',
        'ayumi',
    ]);
    expect($first['pool']['team'])->toBe('brass');
    expect(array_column($document['verdicts'], 'rule'))->toBe(['duty.reeds', 'rest', 'tags']);
    // The same from what is kept of it, and its line alone.
    $kept = Node::root(Json::decode((string) json_encode(DecisionRecord::of($decision))));
    $brief = DecisionFormat::expandDeciding($kept, (array) $document['facts'], $decision->rulebook);
    expect([$brief['rule'], $brief['verdicts'][0]['name'], count($brief['verdicts'])])->toBe([
        'duty.reeds',
        'Reed count',
        1,
    ]);
    $nobody = ownDecision(new Give(new NamedPeople(['greta']), new InOrder(), [], new NextRule()));
    expect(array_column(DecisionFormat::write($nobody)['verdicts'], 'verdict'))->toBe([
        'nobody_eligible',
        'decided',
        'followed_up',
    ]);
});
