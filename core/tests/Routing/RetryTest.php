<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * A task that nobody holds is tried again on Monday 2 March, when Callum is away.
 *
 * @param list<Rule>   $rules
 * @param list<string> $followed rules whose follow-ups have acted
 */
function triedAgain(array $rules, array $followed = [], ?TaskSubject $task = null): ChangeSet
{
    $task ??= new TaskSubject('t1', Build::at('2026-03-01'), new Effort(0, 60), fields: ['task.kind' => 'repair']);
    $facts = new ChangeFacts(Bench::house(), Lookups::ofRulebook(new Rulebook(Build::fields(), $rules)));

    return new ChangeSet(
        'r1',
        Build::at(Story::NOW),
        $task,
        $task,
        $facts->of(null, $task, Build::at(Story::NOW)),
        Cause::Retry,
        followed: $followed,
    );
}

/** @return list<string> what came of it */
function cameOf(Decision $decision): array
{
    return [$decision->outcome->value, (string) $decision->assigneeId, implode(' ', $decision->subjectAfter()->tags)];
}

it('asks the rules on arrivals once more, and gives it to whoever is there now', function (): void {
    $rules = [
        Build::rule('mark', null, then: [new AddTag('seen')]),
        Build::rule('away', new NamedPeople(['callum', 'greta']), new RoundRobin('away')),
        Build::rule('bench', new NamedPeople(['callum', 'femi']), new InOrder(), then: [new AddTag('given')]),
        Build::rule('review', new NamedPeople(['ayumi']), new InOrder(), when: [new StatusBecomes([TaskStatus::New])]),
    ];
    $decision = Bench::decide($rules, triedAgain($rules));
    // What only follows up has done so when it arrived.
    expect(cameOf($decision))->toBe(['assigned', 'femi', 'given']);
    expect(Bench::verdicts($decision))->toBe(['not_this_event', 'nobody_eligible', 'decided', 'not_this_event']);
    expect($decision->followedUp)->toBe([]);
});

it('lets the follow-ups of a rule act once, whenever it finds somebody', function (
    array $followed,
    string $tags,
): void {
    $rules = [Build::rule('bench', new NamedPeople(['femi']), new InOrder(), then: [new AddTag('given')])];
    expect(cameOf(Bench::decide($rules, triedAgain($rules, $followed))))->toBe(['assigned', 'femi', $tags]);
})->with([
    'for the first time' => [[], 'given'],
    'after another rule' => [['other'], 'given'],
    'when it had put the task to wait' => [['bench'], ''],
]);

it('changes nothing where there is still nobody', function (): void {
    $rules = [
        Build::rule(
            'away',
            new NamedPeople(['callum', 'greta']),
            new RoundRobin('away'),
            otherwise: new WaitUnplaced(),
            then: [new AddTag('waits')],
        ),
    ];
    $change = triedAgain($rules, ['away']);
    $decision = Bench::decide($rules, $change);
    expect($decision->outcome)->toBe(Outcome::Unplaced);
    expect($decision->subjectAfter()->equals($change->after))->toBeTrue();
    expect(Bench::narrowing($decision)['present'])->toBe([]);
});

it('takes back nothing that is placed', function (): void {
    $rules = [Build::rule('bench', new NamedPeople(['ayumi', 'femi']), new InOrder())];
    $held = new TaskSubject('t1', Build::at('2026-03-01'), new Effort(0, 60), holderId: 'femi');
    expect(cameOf(Bench::decide($rules, triedAgain($rules, [], $held))))->toBe(['kept', 'femi', '']);
});

it('brings about what an arrival would: what follows from it is a chain', function (): void {
    $rules = [
        Build::rule('bench', new NamedPeople(['femi']), new InOrder(), then: [new AddTag('rush')]),
        Build::rule('rush', null, then: [new AddTag('watched')], when: [new TagOn(['rush'])]),
    ];
    $chain = Story::run($rules, triedAgain($rules));
    expect(Story::told($chain))->toBe(['0 t1 bench assigned femi', '1 t1 rush kept femi', '2 t1 nobody listens']);
    expect($chain->subjects['t1']->tags)->toBe(['rush', 'watched']);
});
