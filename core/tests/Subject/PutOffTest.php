<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

it('is put off until its moment, and not at it', function (): void {
    $task = Story::task()->startingAt(1_000);
    expect($task->isPostponed(999))->toBeTrue();
    expect($task->isPostponed(1_000))->toBeFalse();
    expect($task->startingAt(null)->isPostponed(0))->toBeFalse();
    // Its status stays: nobody waits for anything.
    expect($task->status)->toBe(TaskStatus::Working);
    expect($task->asWork()->startAt)->toBe(1_000);
});

it('is to be handed on until somebody else has it, or it is done with', function (Closure $change, bool $still): void {
    $marked = Story::task()->with(['toHandOn' => true]);
    $after = $change($marked);
    expect($after)->toBeInstanceOf(Subject::class);
    expect($after->toHandOn)->toBe($still);
})->with([
    'waits' => [fn(Subject $s) => $s->waiting('parts', null), true],
    'given to whoever has it' => [fn(Subject $s) => $s->heldBy('femi'), true],
    'given to another' => [fn(Subject $s) => $s->heldBy('ayumi'), false],
    'given to nobody' => [fn(Subject $s) => $s->heldBy(null, ['ayumi']), false],
    'given to another beside them' => [fn(Subject $s) => $s->heldTogether(['ayumi', 'femi']), false],
    'done' => [fn(Subject $s) => $s->inStatus(TaskStatus::Done), false],
    'dropped' => [fn(Subject $s) => $s->inStatus(TaskStatus::Dropped), false],
    'in review' => [fn(Subject $s) => $s->inStatus(TaskStatus::InReview), false],
]);
