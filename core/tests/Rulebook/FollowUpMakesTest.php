<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Subject\Effect\TaskMade;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/FollowUpFunctions.php';

it('puts the items of a checklist on once', function (): void {
    $effect = effectOf(['kind' => 'checklist', 'checklist' => 'bench']);
    $once = $effect?->on(Story::task()) ?? Story::task();
    expect($effect === null ? null : DecisionRecord::effect($effect))->toBe([
        'effect' => 'checklist_put',
        'checklist' => 'Bench',
        'items' => 2,
    ]);
    expect(array_column($once->checklist, 'text'))->toBe(['Photograph it', 'Play it']);
    expect($once->openItems())->toBe(2);
    expect($effect?->on($once))->toEqual($once);
});

it('lets a due date follow another until it is set by hand', function (): void {
    $house = Bench::house()->house;
    $task = Story::task()->withField('task.needed', '2026-03-20');
    $effect = effectOf(
        ['kind' => 'due_follows', 'date_field' => 'task.needed', 'offset' => '-3 days', 'time' => '12:00'],
        $task,
    );
    $following = $effect?->on($task) ?? $task;
    $moved = $following->withField('task.needed', '2026-03-25')->settled($house, Story::taskCatalogue()->words);
    expect($effect === null ? null : DecisionRecord::effect($effect))->toBe([
        'effect' => 'due_follows',
        'field' => 'task.needed',
        'offset' => '-3 days',
        'due' => '2026-03-17T12:00:00Z',
    ]);
    expect($moved->dueAt)->toBe(Build::at('2026-03-22T12:00:00Z'));
    expect(
        $following->withField('task.needed', null)->settled($house, Story::taskCatalogue()->words)->dueAt,
    )->toBeNull();
    expect(
        $moved->dueAt(5)->withField('task.needed', '2026-04-01')->settled($house, Story::taskCatalogue()->words)->dueAt,
    )->toBe(5);
});

it('has nothing to do where there is nobody, or nothing, to do it with', function (
    array $document,
    TaskSubject $subject,
): void {
    expect(effectOf($document, $subject))->toBeNull();
})->with([
    'nobody to watch' => [
        ['kind' => 'watch', 'watchers' => ['kind' => 'field', 'field' => 'case.owner']],
        Story::task(),
    ],
    'no holder' => [['kind' => 'customer_owner'], Story::task()->heldBy(null)],
    'no customer' => [['kind' => 'customer_owner'], Story::task()->with(['customerId' => null])],
]);

it('makes a task with what is merged in, for the same customer', function (): void {
    $task = Story::task()->withField('customer.tier', 'school')->withField('task.value', 40_000);
    $effect = effectOf(
        [
            'kind' => 'create_task',
            'task_kind' => 'quote',
            'title' => 'Quote for ~task.title~ at ~task.value~, ~task.count|some~ of them',
            'details' => "~case.owner~\nasked",
            'estimate' => 'PT20M',
            'due' => ['kind' => 'due_in', 'after' => 'P1D'],
            'wait' => true,
        ],
        $task,
    );
    $made = $effect instanceof TaskMade ? $effect->made : null;
    expect($effect === null ? null : DecisionRecord::effect($effect))->toBe([
        'effect' => 'task_made',
        'title' => 'Quote for Horn at 400, some of them',
        'waits' => true,
    ]);
    expect($effect instanceof TaskMade && $effect->placed)->toBeFalse();
    expect($made?->fields)->toEqual([
        'customer.tier' => 'school',
        'task.count' => 1,
        'task.kind' => 'quote',
        'task.source' => 'rule',
        'task.title' => 'Quote for Horn at 400, some of them',
        'task.details' => "(Owner of the case not known)\nasked",
    ]);
    expect($made?->effort->left())->toBe(20);
    expect($made?->customerId)->toBe('band');
    expect($made?->madeById)->toBe('t1');
    expect($made?->status)->toBe(TaskStatus::New);
    expect($made?->dueAt)->toBe(Build::at('2026-03-03T17:00:00Z'));
});

it('gives what it makes the same fields where it is to', function (bool $same, array $expected): void {
    $effect = effectOf(
        ['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Quote', 'same_fields' => $same],
        Story::task()->withField('task.value', 500)->withField('task.details', 'Long'),
    );
    expect($effect instanceof TaskMade ? $effect->made->fields : null)->toEqual(
        $expected + ['task.count' => 1, 'task.kind' => 'quote', 'task.source' => 'rule', 'task.title' => 'Quote'],
    );
})->with([[true, ['task.value' => 500]], [false, []]]);

it('gives what it makes to whoever a pool names', function (array $for, ?string $holder, array $openTo): void {
    $effect = effectOf(['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Quote', 'for' => $for]);
    expect(
        $effect instanceof TaskMade ? [$effect->placed, $effect->made->holderId, $effect->made->openTo] : null,
    )->toBe([true, $holder, $openTo]);
})->with([
    'one' => [['kind' => 'people', 'people' => ['tobias']], 'tobias', []],
    'several' => [['kind' => 'people', 'people' => ['tobias', 'ayumi']], null, ['tobias', 'ayumi']],
    'nobody' => [['kind' => 'field', 'field' => 'case.owner'], null, []],
]);
