<?php

declare(strict_types=1);

use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\OffsetUnit;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\World\ChainOf;
use OpenBaton\Core\World\Changes;
use OpenBaton\Core\World\Happening;
use OpenBaton\Core\World\Ticks;
use OpenBaton\Core\World\World;
use OpenBaton\Core\World\WorldState;

/**
 * @param list<Rule>      $rules
 * @param list<Happening> $events
 * @param list<TaskSubject>   $tasks
 */
function worldWith(array $rules, array $events, array $tasks): World
{
    return new World(
        Build::at(Story::NOW),
        Bench::house(),
        new Rulebook(Build::fields(), $rules),
        new Rotations(),
        Work::of([]),
        $events,
        Story::taskCatalogue(),
        $tasks,
    );
}

/** @return list<string> event, task, rules that acted on it, and its tags after the chain */
function lived(World $world): array
{
    return array_map(static function (ChainOf $of): string {
        $first = $of->chain->links[0] ?? null;
        $subject = $first === null ? null : $of->chain->subjects[$first->change->after->id];

        return trim("{$of->event} {$subject?->id} " . implode(',', $subject->tags ?? []));
    }, iterator_to_array($world->chains(), false));
}

/** @param Closure(TaskSubject): TaskSubject $change */
function changes(string $id, string $taskId, string $at, Closure $change, CommentAdded ...$said): Changes
{
    return new Changes(
        $id,
        Build::at($at),
        static fn(WorldState $state): array => [$state->task($taskId)],
        $change,
        happened: array_values($said),
    );
}

function needed(string $id, ?string $date): TaskSubject
{
    return Story::task($id)->withField('task.needed', $date);
}

/** A rule that acts so many days after the day on which a task is needed. */
function after(int $days): Rule
{
    return Build::rule(
        "after-{$days}",
        null,
        then: [new AddTag("after-{$days}")],
        when: [new DateReached('task.needed', new Offset($days, OffsetUnit::Days))],
    );
}

it('lets all that has fallen due happen in order, each once, on tasks as they are by then', function (): void {
    $world = worldWith(
        [after(1), after(0)],
        [new Ticks('t1', Build::at('2026-03-04T12:00:00Z')), new Ticks('t2', Build::at('2026-03-05T12:00:00Z'))],
        [needed('a', '2026-03-03')],
    );
    expect(lived($world))->toBe(['t1:1 a after-0', 't1:2 a after-0,after-1']);
    expect(array_column(iterator_to_array($world->chains(), false), 'due'))->toBe([
        Build::at('2026-03-03T00:00:00Z'),
        Build::at('2026-03-04T00:00:00Z'),
    ]);
});

it('lets nothing happen that was past already when the clock was last looked at', function (): void {
    $later = changes(
        'e',
        'a',
        '2026-03-04T13:00:00Z',
        static fn(TaskSubject $task): TaskSubject => $task->withField('task.needed', '2026-03-03'),
    );
    $world = worldWith(
        [after(0), after(1), after(2)],
        [
            new Ticks('t1', Build::at('2026-03-04T12:00:00Z')),
            $later,
            new Ticks('t2', Build::at('2026-03-05T01:00:00Z')),
        ],
        [needed('a', null)],
    );
    expect(lived($world))->toBe(['e a', 't2:1 a after-2']);
});

it('lets a task come back that waits until then', function (): void {
    $waits = Story::task('w')->waiting('parts', Build::at('2026-03-03T09:00:00Z'));
    $chains = iterator_to_array(
        worldWith(
            [],
            [new Ticks('t1', Build::at('2026-03-03T08:59:59Z')), new Ticks('t2', Build::at('2026-03-03T09:00:00Z'))],
            [$waits],
        )->chains(),
        false,
    );
    expect(count($chains))->toBe(1);
    expect([
        $chains[0]->event,
        $chains[0]->chain->subjects['w']->status,
        $chains[0]->chain->links[0]->change->trigger(),
    ])->toBe(['t2:1', TaskStatus::Working, null]);
});

it('takes for a change what changes something, and what happens', function (): void {
    $as = static fn(TaskSubject $task): TaskSubject => $task;
    $world = worldWith(
        [],
        [
            changes('nothing', 'a', '2026-03-02T11:00:00Z', $as),
            changes('said', 'a', '2026-03-02T11:00:00Z', $as, new CommentAdded(Author::Holder)),
            changes(
                'marked',
                'a',
                '2026-03-02T11:00:00Z',
                static fn(TaskSubject $task): TaskSubject => $task->tagged('x'),
            ),
            new Changes(
                'both',
                Build::at('2026-03-02T12:00:00Z'),
                static fn(WorldState $state): array => $state->tasks(),
                static fn(TaskSubject $task): TaskSubject => $task->tagged('y'),
            ),
        ],
        [Story::task('a'), Story::task('b')],
    );
    $changes = [];
    foreach ($world->chains() as $of) {
        $changes[$of->event] = array_map(
            static fn($link): string => "{$link->change->id} {$link->change->after->id} " .
                implode(',', $link->change->after->tags),
            $of->chain->links,
        );
    }
    expect($changes)->toBe([
        'nothing' => [],
        'said' => ['said a '],
        'marked' => ['marked a x'],
        'both' => ['both a x,y', 'both+1 b y'],
    ]);
});

it('makes a second task once the first is done, under the next id', function (): void {
    $rule = Build::rule(
        'call',
        null,
        then: [new CreateTask('quote', MergedText::parse('Call'))],
        when: [new TagOn(['call'])],
    );
    $call = static fn(string $id, string $at): Changes => changes(
        $id,
        'a',
        $at,
        static fn(TaskSubject $task): TaskSubject => $task->untagged('call'),
    );
    $tag = static fn(string $id, string $at): Changes => changes(
        $id,
        'a',
        $at,
        static fn(TaskSubject $task): TaskSubject => $task->tagged('call'),
    );
    $made = [];
    $world = worldWith(
        [$rule],
        [
            $tag('e1', '2026-03-02T11:00:00Z'),
            $call('e2', '2026-03-02T11:01:00Z'),
            // It is open still.
            $tag('e3', '2026-03-02T11:02:00Z'),
            $call('e4', '2026-03-02T11:03:00Z'),
            changes(
                'e5',
                'a.1',
                '2026-03-02T11:04:00Z',
                static fn(TaskSubject $task): TaskSubject => $task->inStatus(TaskStatus::Done),
            ),
            $tag('e6', '2026-03-02T11:05:00Z'),
        ],
        [Story::task('a')],
    );
    foreach ($world->chains() as $of) {
        foreach ($of->chain->links as $link) {
            if ($link->change->isArrival()) {
                $made[] = "{$of->event} {$link->change->after->id}";
            }
        }
    }
    expect($made)->toBe(['e1 a.1', 'e6 a.2']);
});

it('knows the open tasks of a customer, and who waits for a task', function (): void {
    $tasks = [
        Story::task('a'),
        Story::task('b')->waiting(null, null, ['a', 'c']),
        Story::task('c')->inStatus(TaskStatus::Done),
        Story::task('d')->with(['customerId' => 'other']),
    ];
    $state = new WorldState(worldWith([], [], $tasks), 'v1');
    $ids = static fn(array $some): array => array_map(static fn(Subject $one): string => $one->id, $some);
    expect([
        $ids($state->ofCustomer('band')),
        $ids($state->waitingOn('c')),
        $ids($state->waitingOn('d')),
        $ids($state->madeBy('a')),
    ])->toBe([['a', 'b'], ['b'], [], []]);
    expect($state->work(new Needs())->held('femi')->openTasks())->toBe(2);
    expect(static fn() => $state->task('x'))->toThrow(LogicException::class);
});
