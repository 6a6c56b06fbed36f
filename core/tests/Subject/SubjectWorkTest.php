<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\Difference;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\PersonWork;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

require_once __DIR__ . '/SubjectFunctions.php';

it('knows which states are open, want somebody and take time', function (): void {
    expect(array_column(TaskStatus::open(), 'value'))->toBe(['new', 'working', 'waiting', 'in_review']);
    expect(array_column(TaskStatus::wantingHolder(), 'value'))->toBe(['new', 'working', 'waiting']);
});

it('moves work from one to another, reviewer and waiting ones too', function (): void {
    $item = static fn(string $holder, TaskStatus $status, ?string $reviewer = null): WorkItem => new WorkItem(
        't1',
        $holder,
        $status,
        Priority::Normal,
        new Effort(),
        0,
        reviewerId: $reviewer,
    );
    $counts = static fn(Work $work, string $id): array => [
        $work->held($id)->openTasks(),
        $work->held($id)->waitingTasks(),
        $work->held($id)->lastAssignedAt,
    ];
    $work = Work::of([$item('ayumi', TaskStatus::Working)], ['femi' => 50]);
    $waiting = $work
        ->after($item('ayumi', TaskStatus::Working), $item('femi', TaskStatus::Waiting))
        ->assigned(['femi' => 90]);
    $review = $waiting->after($item('femi', TaskStatus::Waiting), $item('femi', TaskStatus::InReview, 'ayumi'));
    $back = $review
        ->after($item('femi', TaskStatus::InReview, 'ayumi'), $item('femi', TaskStatus::Working, 'femi'))
        ->assigned(['femi' => 40]);
    expect($counts($work, 'ayumi'))->toBe([1, 0, null]);
    expect($counts($waiting, 'ayumi'))->toBe([0, 0, null]);
    expect($counts($waiting, 'femi'))->toBe([0, 1, 90]);
    expect($counts($review, 'femi'))->toBe([0, 0, 90]);
    expect($counts($review, 'ayumi'))->toBe([1, 0, null]);

    // When work last came to somebody never goes back.
    expect($counts($back, 'femi'))->toBe([1, 0, 90]);
    expect($counts($back, 'ayumi'))->toBe([0, 0, null]);
    expect($waiting->held('femi')->has('t1'))->toBeTrue();
    expect($waiting->held('ayumi')->has('t1'))->toBeFalse();
});

it('knows only what it is told it needs', function (): void {
    $work = Work::of(
        [new WorkItem('t1', 'ayumi', TaskStatus::New, Priority::Normal, new Effort(), 0)],
        ['ayumi' => 5, 'femi' => 6],
    );
    $less = $work->ofOnly(['ayumi', 'femi'], ['femi']);
    expect($less->held('ayumi')->openTasks())->toBe(1);
    expect($less->held('ayumi')->lastAssignedAt)->toBeNull();
    expect($less->held('femi')->lastAssignedAt)->toBe(6);
    expect($work->ofOnly(['femi'], [])->held('ayumi'))->toEqual(new PersonWork());
});

it('knows what differs between two states of a task, by name, and leaves out what is empty in both', function (): void {
    $before = whole();
    $after = $before->tagged('vip')->dueAt(null)->prioritised(Priority::Low)->withField('task.count', 2);
    expect(Difference::between($before, $after, Build::fields()))->toBe([
        'priority' => ['high', 'low'],
        'due' => ['1970-01-01T00:05:00Z', null],
        'tags' => [['rush'], ['rush', 'vip']],
        'task.count' => [null, 2],
    ]);
    expect(Difference::between($before, $before, Build::fields()))->toBe([]);
    expect(Difference::between(null, new TaskSubject('t2', 100, new Effort()), Build::fields()))->toBe([
        'status' => [null, 'new'],
        'priority' => [null, 'normal'],
    ]);
});

it('counts the minutes that were spent, and never fewer than none', function (?int $spent, int $now, int $left): void {
    $effort = (new Effort(5, 60, 10))->spending($spent);
    expect([$effort->spent, $effort->left()])->toBe([$now, $left]);
})->with([
    'some' => [25, 25, 35],
    'more than it was to take' => [90, 90, 0],
    'as it stands' => [null, 10, 50],
    'none' => [0, 0, 60],
    'fewer than none' => [-5, 0, 60],
]);

it('tells what differs as documents have it', function (): void {
    $before = new TaskSubject(
        't1',
        0,
        fields: ['task.value' => 12_50, 'task.needed' => '2026-03-04', 'task.other' => 'a'],
    );
    $after = $before
        ->withField('task.value', 13_00)
        ->withField('task.needed', '2026-03-05')
        ->withField('task.other', 'b');
    expect(Difference::between($before, $after, Build::fields()))->toBe([
        'task.value' => [12.5, 13],
        'task.needed' => ['2026-03-04', '2026-03-05'],
        'task.other' => ['a', 'b'],
    ]);
});
