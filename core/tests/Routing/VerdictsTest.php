<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

it(
    'tells a rule that waits for something else of the same kind from one whose criteria failed, months later too',
    function (): void {
        $isQuote = ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'];
        $then = [new AddTag('seen')];
        $rules = [
            Build::rule('done', null, if: $isQuote, then: $then, when: [new StatusBecomes([TaskStatus::Done])]),
            Build::rule('other tag', null, then: $then, when: [new TagOn(['cold'])]),
            Build::rule('customer says', null, then: $then, when: [new CommentAdded(Author::Customer)]),
            Build::rule(
                'takes',
                new NamedPeople(['ayumi']),
                new InOrder(),
                when: [new StatusBecomes([TaskStatus::Waiting])],
                anew: true,
            ),
            Build::rule('would', new NamedPeople(['ayumi']), new InOrder(), when: [new TagOn(['hot'])]),
            Build::rule('would not', new NamedPeople(['ayumi']), new InOrder(), $isQuote, when: [new TagOn(['hot'])]),
            Build::rule('says', null, then: $then, when: [new CommentAdded(Author::Holder)]),
        ];
        $task = Story::task();
        $change = Story::change($task, $task->tagged('hot')->inStatus(TaskStatus::Waiting), $rules, [
            new CommentAdded(Author::Holder),
        ]);
        $decision = Story::run($rules, $change)->links[0]->decision ?? throw new LogicException();
        $kept = json_decode(
            (string) json_encode([DecisionRecord::of($decision), FactsFormat::values($change->facts, Build::fields())]),
            true,
        );
        $verdicts = static fn(array $document): array => array_column($document['verdicts'], 'verdict', 'rule');
        expect($verdicts(DecisionFormat::write($decision)))
            ->toBe($verdicts(DecisionFormat::expand(Node::root($kept[0]), $kept[1], $decision->rulebook)))
            ->toBe([
                'done' => 'not_this_event',
                'other tag' => 'not_this_event',
                'customer says' => 'not_this_event',
                'takes' => 'decided',
                'would' => 'not_reached',
                'would not' => 'criterion_failed',
                'says' => 'followed_up',
            ]);
        // A decision that was recorded before this was kept: only the kinds are known.
        unset($kept[0]['is'], $kept[0]['was']);
        expect($verdicts(DecisionFormat::expand(Node::root($kept[0]), $kept[1], $decision->rulebook))['done'])->toBe(
            'criterion_failed',
        );
    },
);

it('names with each effect the rule that brought it about', function (): void {
    $rules = [
        Build::rule('first', null, then: [new AddTag('a')]),
        Build::rule('gives', new NamedPeople(['ayumi']), new InOrder(), then: [new AddTag('b')]),
        Build::rule('last', null, then: [new AddTag('c'), new AddTag('d')]),
    ];
    $task = new TaskSubject('t1', Build::at(Story::NOW), new Effort(0, 60), fields: ['task.kind' => 'repair']);
    $decision =
        Story::run($rules, Story::change(null, $task, $rules))->links[0]->decision ?? throw new LogicException();
    expect(
        array_map(
            static fn(array $effect): string => "{$effect['rule']}: {$effect['tag']}",
            DecisionFormat::write($decision)['effects'],
        ),
    )->toBe(['first: a', 'gives: b', 'last: c', 'last: d']);
    expect($decision->acted())->toBe([0, 1, 2]);
});

it('tells of the change that it makes to its seat, of no other', function (): void {
    $rule = Build::rule('r', new NamedPeople(['ayumi']), new InOrder(), when: [new TagOn(['hot'])], anew: true);
    $task = Story::task();
    $decision = Story::run([$rule], Story::change($task, $task->tagged('hot'), [$rule]))->links[0]->decision;
    [$before, $after] = [$task->tagged('hot'), $decision?->subjectAfter() ?? $task];
    expect([$before->holderId, $after->holderId])->toBe(['femi', 'ayumi']);
    $tells = static fn(?TaskSubject $from, TaskSubject $to): ?bool => $decision?->tellsOf(
        Story::change($from, $to),
        SeatName::Holder,
    );
    expect($tells($before, $after))->toBeTrue();
    expect($tells($before->with(['id' => 't2']), $after->with(['id' => 't2'])))->toBeFalse();
    expect($tells($before->with(['holderId' => 'callum']), $after))->toBeFalse();
    expect($tells($before, $after->with(['holderId' => 'callum'])))->toBeFalse();
});
