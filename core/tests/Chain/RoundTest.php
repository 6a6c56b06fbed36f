<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\GiveOwner;
use OpenBaton\Core\Rulebook\FollowUp\PriorityStep;
use OpenBaton\Core\Rulebook\FollowUp\RemoveTag;
use OpenBaton\Core\Rulebook\FollowUp\SetPriority;
use OpenBaton\Core\Rulebook\FollowUp\StepPriority;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

it('names the rules that go round, and none that only acted beside them', function (): void {
    $swap = static fn(string $from, string $to): Rule => Build::rule(
        "{$from} to {$to}",
        null,
        then: [new RemoveTag($from), new AddTag($to)],
        when: [new TagOn([$from])],
    );
    $rules = [
        Build::rule('note', null, then: [new AddTag('noted')], when: [new TagOn(['pencil'])]),
        $swap('pencil', 'ink'),
        Build::rule('press', null, then: [new StepPriority(PriorityStep::Up)], when: [new TagOn(['ink'])]),
        $swap('ink', 'pencil'),
        Build::rule(
            'quote',
            null,
            then: [new CreateTask('quote', MergedText::parse('One more'))],
            when: [new TagOn(['ink'])],
        ),
    ];
    $task = Story::task();
    $chain = Story::run($rules, Story::change($task, $task->tagged('pencil'), $rules));
    expect($chain->cut?->reason)->toBe(CutReason::Circle);
    expect($chain->cut?->ruleIds)->toBe(['pencil to ink', 'ink to pencil']);
});

it('shows follow-ups who has the task, whether their rule is above or below the one that gives it', function (
    string $first,
    string $second,
): void {
    $by = [
        'owner' => Build::rule('owner', null, then: [new GiveOwner()]),
        'gives' => Build::rule('gives', new NamedPeople(['ayumi']), new InOrder()),
    ];
    $task = Story::task()->with(['holderId' => null, 'status' => TaskStatus::New]);
    $chain = Story::run([$by[$first], $by[$second]], Story::change(null, $task, array_values($by)));
    expect($chain->subjects['t1']->holderId)->toBe('ayumi');
    expect($chain->subjects['t1']->fields['customer.owner'] ?? null)->toBe('ayumi');
})->with([['owner', 'gives'], ['gives', 'owner']]);

it('leaves out of a circle a rule that acts beside it and changes nothing', function (): void {
    $rules = [
        Build::rule('idle', null, then: [new SetPriority(Priority::Normal)], when: [new TagOn(['pencil'])]),
        Build::rule(
            'pencil to ink',
            null,
            then: [new RemoveTag('pencil'), new AddTag('ink')],
            when: [new TagOn(['pencil'])],
        ),
        Build::rule(
            'ink to pencil',
            null,
            then: [new RemoveTag('ink'), new AddTag('pencil')],
            when: [new TagOn(['ink'])],
        ),
    ];
    $chain = Story::run($rules, Story::change(Story::task(), Story::task()->tagged('pencil'), $rules));
    expect($chain->cut?->ruleIds)->toBe(['pencil to ink', 'ink to pencil']);
});

it(
    'names of a chain that makes too many tasks the rules that acted again, where some did twice and others once',
    function (): void {
        $rules = [
            Build::rule(
                'begin',
                null,
                then: [new CreateTask('quote', MergedText::parse('Start'))],
                when: [new TagOn(['go'])],
            ),
            Build::rule(
                'breed',
                null,
                then: array_fill(0, 5, new CreateTask('quote', MergedText::parse('One more'))),
                when: [new TaskArrives()],
            ),
        ];
        $chain = Story::run($rules, Story::change(Story::task(), Story::task()->tagged('go'), $rules));
        expect([$chain->cut?->reason, $chain->cut?->ruleIds])->toBe([CutReason::TooManyTasks, ['breed']]);
    },
);

it('names all rules on the way to it where none acted again, and none beside the way', function (): void {
    $on = static fn(string $title, string $id, CreateTask ...$make): Rule => Build::rule(
        $id,
        null,
        if: ['field' => 'task.title', 'op' => 'is', 'value' => $title],
        then: array_values($make),
        when: [new TaskArrives()],
    );
    $make = static fn(string $title): CreateTask => new CreateTask('quote', MergedText::parse($title));
    $rules = [
        Build::rule('begin', null, then: [$make('Start')], when: [new TagOn(['go'])]),
        $on('Start', 'beside', $make('Left alone'), $make('Left alone')),
        $on('Start', 'aside', $make('Aside')),
        $on('Aside', 'many', ...array_fill(0, 200, $make('One more'))),
    ];
    $chain = Story::run($rules, Story::change(Story::task(), Story::task()->tagged('go'), $rules));
    expect([$chain->cut?->reason, $chain->cut?->ruleIds])->toBe([CutReason::TooManyTasks, ['begin', 'aside']]);
});
