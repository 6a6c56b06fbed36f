<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

it('knows what is left of a task', function (Effort $effort, int $minutes): void {
    expect($effort->left())->toBe($minutes);
})->with([
    'the default of its kind' => [new Effort(45), 45],
    'its estimate' => [new Effort(45, 120), 120],
    'less what was spent' => [new Effort(45, 120, 50), 70],
    'never below zero' => [new Effort(45, 120, 150), 0],
    'a remaining estimate before all' => [new Effort(45, 120, 150, 30), 30],
]);

it('refuses negative effort', function (): void {
    new Effort(0, -1);
})->throws(InvalidArgumentException::class);

it('loads whoever has to do something', function (TaskStatus $status, array $loaded, int $open): void {
    $work = Work::of([Build::item('a', 'oona', 60, status: $status, reviewer: 'greta')]);
    $ids = static fn(string $person): array => array_map(
        static fn(WorkItem $item): string => $item->id,
        $work->held($person)->loading,
    );
    expect([$ids('oona'), $ids('greta')])->toBe($loaded);
    expect($work->held('oona')->openTasks())->toBe($open);
})->with([
    [TaskStatus::New, [['a'], []], 1],
    [TaskStatus::Working, [['a'], []], 1],
    [TaskStatus::Waiting, [[], []], 0],
    [TaskStatus::InReview, [[], ['a']], 0],
    [TaskStatus::Done, [[], []], 0],
    [TaskStatus::Dropped, [[], []], 0],
]);

it('carries a task that comes to somebody, and leaves the old work as it was', function (): void {
    $before = Work::of([Build::item('a', 'oona', 60)], ['oona' => 100]);
    $after = $before->after(null, Build::item('b', 'oona', 30))->assigned(['oona' => 200]);
    expect($after->held('oona')->openTasks())->toBe(2);
    expect($after->held('oona')->lastAssignedAt)->toBe(200);
    expect($before->held('oona')->openTasks())->toBe(1);
    expect($after->held('tobias')->openTasks())->toBe(0);
    expect($after->held('tobias')->lastAssignedAt)->toBeNull();
});
