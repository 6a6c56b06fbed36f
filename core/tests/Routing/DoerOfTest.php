<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Pool\DoerOf;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\TaskStatus;

/** A done quote of somebody's. */
function doneQuote(string $id, string $by, ?string $madeFor = null, string $kind = 'quote'): TaskSubject
{
    return Story::task($id)
        ->heldBy($by)
        ->inStatus(TaskStatus::Done)
        ->withField('task.kind', $kind)
        ->with(['madeById' => $madeFor]);
}

it('finds whoever did the task of a kind that belongs with it', function (array $others, ?string $expected): void {
    $rules = [Build::rule('did', new DoerOf('quote'), new SamePerson())];
    $task = Story::task('t1')->with([
        'holderId' => null,
        'status' => TaskStatus::New,
        'madeById' => 'parent',
        'linkedTo' => ['linked'],
    ]);
    $chain = Story::run($rules, Story::change(null, $task, $rules), array_map(fn($one) => $one(), $others));
    expect($chain->subjects['t1']->holderId)->toBe($expected);
})->with([
    'nobody did one' => [[], null],
    'made for the same task' => [[fn() => doneQuote('q', 'femi', 'parent')], 'femi'],
    'made for this one' => [[fn() => doneQuote('q', 'femi', 't1')], 'femi'],
    'it was made for that one' => [[fn() => doneQuote('parent', 'femi')], 'femi'],
    'linked' => [[fn() => doneQuote('linked', 'ayumi')], 'ayumi'],
    'of several the latest' => [
        [fn() => doneQuote('q1', 'femi', 'parent'), fn() => doneQuote('q2', 'ayumi', 'parent')],
        'ayumi',
    ],
    'not another kind' => [[fn() => doneQuote('q', 'femi', 'parent', 'repair')], null],
    'not one of another task' => [[fn() => doneQuote('q', 'femi', 'other'), fn() => doneQuote('r', 'femi')], null],
    'not one that is not done' => [[fn() => doneQuote('q', 'femi', 'parent')->inStatus(TaskStatus::Working)], null],
]);

it('knows what was done in the same chain, and what was opened again in it', function (): void {
    $rules = [
        Build::rule(
            'makes',
            null,
            then: [new CreateTask('quote', MergedText::parse('Next'))],
            when: [new StatusBecomes([TaskStatus::Done])],
        ),
        Build::rule('did', new DoerOf('repair'), new SamePerson(), otherwise: new AskPerson('tobias')),
    ];
    $task = Story::task();
    $made = static fn(TaskSubject $before, TaskSubject $after): ?string => Story::run(
        $rules,
        Story::change($before, $after, $rules),
    )->subjects['t1.1']->holderId;
    expect($made($task, $task->inStatus(TaskStatus::Done)))->toBe('femi');
});

it('is told by the record of the decision', function (): void {
    $rules = [Build::rule('did', new DoerOf('quote'), new SamePerson(), when: [new TaskArrives()])];
    $task = Story::task('t1')->with(['holderId' => null, 'madeById' => 'parent']);
    $chain = Story::run($rules, Story::change(null, $task, $rules), [doneQuote('q', 'femi', 'parent')]);
    expect(DecisionRecord::of($chain->links[0]->decision)['kin'])->toBe([['q', 'quote', 'femi']]);
});

it('lets what is there by now stand for what was there before', function (): void {
    $task = Story::task('t1')->with(['madeById' => 'parent']);
    $before = [new DoneTask('q', 'quote', 'femi'), new DoneTask('r', 'quote', 'ayumi')];
    $now = [doneQuote('r', 'callum', 'parent'), doneQuote('q', 'femi', 'parent')->inStatus(TaskStatus::Working)];
    expect(DoneTask::with($task, $now, $before))->toEqual([new DoneTask('r', 'quote', 'callum')]);
    expect(DoneTask::with($task, [], $before))->toEqual($before);
});
