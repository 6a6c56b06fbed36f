<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\SetPriority;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\PrioritySet;
use OpenBaton\Core\Subject\Effect\TaskMade;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\StillSurroundings;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** What the decisions of a chain say is what has happened in it. */
function recordedIsDone(ChainResult $chain): void
{
    $following = [];
    foreach ($chain->links as $link) {
        if ($link->causedBy !== null) {
            $following[$link->causedBy][] = $link->change;
        }
    }
    foreach ($chain->links as $number => $link) {
        $changes = $following[$number] ?? [];
        $made = array_filter(
            $link->decision->effects ?? [],
            static fn(Effect $effect): bool => $effect instanceof TaskMade,
        );
        expect(count(array_filter($changes, static fn(ChangeSet $change): bool => $change->isArrival())))->toBe(
            count($made),
        );
        $own = array_values(
            array_filter(
                $changes,
                static fn(ChangeSet $change): bool => $change->before !== null &&
                    $change->after->id === $link->change->after->id,
            ),
        );
        if ($link->decision !== null && !$link->decision->subjectAfter()->equals($link->change->after)) {
            expect($own)->not->toBe([], "link {$number}");
            foreach ($link->decision->effects as $effect) {
                expect($effect->on($own[0]->after)->equals($own[0]->after) || $effect instanceof PrioritySet)->toBeTrue(
                    "link {$number}",
                );
            }
        }
    }
}

it('goes no deeper than its guard', function (): void {
    $rule = Build::rule(
        'breed',
        null,
        then: [new CreateTask('quote', MergedText::parse('One more'))],
        when: [new TaskArrives()],
    );
    $chain = Story::run([$rule], Story::change(null, Story::task(), [$rule]));
    expect(count($chain->links))->toBe(Chain::DEEPEST + 2);
    expect($chain->cut?->reason)->toBe(CutReason::TooDeep);
    expect($chain->cut?->ruleIds)->toBe(['breed']);
    expect($chain->links[33]->decision)->toBeNull();
    expect($chain->links[33]->generation)->toBe(33);
});

it('makes no more tasks than its guard', function (): void {
    $make = array_fill(0, 15, new CreateTask('quote', MergedText::parse('One more')));
    $rule = Build::rule('breed', null, then: $make, when: [new TaskArrives()]);
    $chain = Story::run([$rule], Story::change(null, Story::task(), [$rule]));
    $arrivals = array_filter($chain->links, static fn(Link $link): bool => $link->change->isArrival());
    expect(count($arrivals))->toBe(1 + Chain::MOST_TASKS);
    expect($chain->cut?->reason)->toBe(CutReason::TooManyTasks);
    expect($chain->cut?->ruleIds)->toBe(['breed']);
    expect(count($chain->subjects))->toBe(201);
    recordedIsDone($chain);
});

it('holds no more change sets than its guard', function (): void {
    // Each of 200 tasks changes a good five times.
    $make = array_fill(0, 15, new CreateTask('quote', MergedText::parse('One more')));
    $rules = [
        Build::rule('breed', null, then: [...$make, new AddTag('1')], when: [new TaskArrives()]),
        ...array_map(
            static fn(int $n): Rule => Build::rule(
                "on-{$n}",
                null,
                then: [new AddTag((string) ($n + 1))],
                when: [new TagOn([(string) $n])],
            ),
            range(1, 6),
        ),
    ];
    $chain = Story::run($rules, Story::change(null, Story::task(), $rules));
    expect(count($chain->links))
        ->toBeGreaterThan(Chain::MOST_CHANGES - 17)
        ->toBeLessThanOrEqual(Chain::MOST_CHANGES);
    expect($chain->cut?->reason)->toBe(CutReason::TooManyTasks);
    recordedIsDone($chain);
});

it('decides nothing that it has no room to carry out', function (): void {
    // Each of 199 tasks that a rule makes is marked, put up, and marked again as long as there is room.
    $rules = [
        Build::rule(
            'breed',
            null,
            if: ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'],
            then: array_fill(0, 199, new CreateTask('quote', MergedText::parse('One more'))),
            when: [new TaskArrives()],
        ),
        Build::rule('press', null, then: [new AddTag('1'), new SetPriority(Priority::High)], when: [new TaskArrives()]),
        ...array_map(
            static fn(int $n): Rule => Build::rule(
                "on-{$n}",
                null,
                then: [new AddTag((string) ($n + 1))],
                when: [new TagOn([(string) $n])],
            ),
            range(1, 6),
        ),
    ];
    $chain = Story::run($rules, Story::change(null, Story::task()->with(['holderId' => null]), $rules));
    expect(count($chain->links))->toBe(Chain::MOST_CHANGES);
    expect($chain->cut?->reason)->toBe(CutReason::TooManyChanges);
    recordedIsDone($chain);
    foreach ($chain->links as $link) {
        if ($link->decision !== null) {
            expect(
                array_diff($link->decision->subjectAfter()->tags, $chain->subjects[$link->change->after->id]->tags),
            )->toBe([]);
        }
    }
});

/** @return list<ChangeSet> of so many tasks, a change each, which no rule makes */
function changesOf(int $count, Rule ...$rules): array
{
    return array_map(static function (int $number) use ($rules): ChangeSet {
        $task = Story::task("t{$number}");

        return Story::change($task, $task->tagged('seen'), array_values($rules));
    }, range(1, $count));
}

function chainOf(Rule ...$rules): Chain
{
    return new Chain(Story::router(array_values($rules)), new StillSurroundings(Work::of([]), new Rotations()));
}

it('takes as many change sets to begin with as its guard, and decides none of more', function (): void {
    $rule = Build::rule('seen', null, then: [new SetPriority(Priority::Normal)], when: [new TagOn(['seen'])]);
    $all = chainOf($rule)->run(...changesOf(Chain::MOST_CHANGES, $rule));
    expect([count($all->links), $all->cut, $all->links[999]->decision === null])->toBe([1000, null, false]);

    $more = chainOf($rule)->run(...changesOf(Chain::MOST_CHANGES + 1, $rule));
    expect([count($more->links), $more->cut?->reason, $more->cut?->taskId, $more->cut?->ruleIds])->toBe([
        1000,
        CutReason::TooManyChanges,
        't1001',
        [],
    ]);
    expect(array_filter(array_column($more->links, 'decision')))->toBe([]);
});

it('lets a task that waits go on as long as there is room', function (
    int $others,
    TaskStatus $expected,
    ?CutReason $reason,
): void {
    $waits = Story::task('w')->waiting('parts', null, ['d']);
    $chain = chainOf()->run(
        Story::change($waits, $waits->tagged('seen')),
        Story::change(Story::task('d'), Story::task('d')->inStatus(TaskStatus::Done)),
        ...changesOf($others),
    );
    expect([count($chain->links), $chain->subjects['w']->status, $chain->cut?->reason])->toBe([
        Chain::MOST_CHANGES,
        $expected,
        $reason,
    ]);
})->with([
    'the last place is free' => [997, TaskStatus::Working, null],
    'none is free' => [998, TaskStatus::Waiting, CutReason::TooManyChanges],
]);

it('decides nothing once it is cut for want of room', function (): void {
    // The first has no room for what it brings about; the second would change nothing.
    $rules = [
        Build::rule(
            'more',
            null,
            if: ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            then: [new AddTag('more')],
            when: [new TagOn(['seen'])],
        ),
        Build::rule('same', null, then: [new SetPriority(Priority::Normal)], when: [new TagOn(['seen'])]),
    ];
    $first = Story::task('first')->withField('task.kind', 'quote');
    $chain = chainOf(...$rules)->run(
        Story::change($first, $first->tagged('seen'), $rules),
        ...changesOf(Chain::MOST_CHANGES - 1, ...$rules),
    );
    expect($chain->cut?->reason)->toBe(CutReason::TooManyChanges);
    expect($chain->cut?->taskId)->toBe('first');
    expect(array_filter(array_column($chain->links, 'decision')))->toBe([]);
});

it('takes for the first decision what was worked out before, and works it out for the others', function (): void {
    $rule = Build::rule('light', new NamedPeople(['ayumi', 'femi']), new LightestLoad());
    $around = new StillSurroundings(Work::of([]), new Rotations());
    $arrives = static fn(string $id): ChangeSet => Story::change(
        null,
        Story::task($id)->with(['holderId' => null, 'status' => TaskStatus::New]),
        [$rule],
    );
    (new Chain(Story::router([$rule]), $around, new Needs(['greta'])))->run($arrives('t1'), $arrives('t2'));
    expect($around->asked)->toBe([[['greta'], []], [['ayumi', 'femi'], ['ayumi', 'femi']]]);

    $around->asked = [];
    (new Chain(Story::router([$rule]), $around))->run($arrives('t1'));
    expect($around->asked)->toBe([[['ayumi', 'femi'], ['ayumi', 'femi']]]);
});
