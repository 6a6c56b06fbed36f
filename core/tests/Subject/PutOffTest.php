<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\TaskSubject;
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
    expect($after)->toBeInstanceOf(TaskSubject::class);
    expect($after->toHandOn)->toBe($still);
})->with([
    'waits' => [fn(TaskSubject $s) => $s->waiting('parts', null), true],
    'given to whoever has it' => [fn(TaskSubject $s) => $s->heldBy('femi'), true],
    'given to another' => [fn(TaskSubject $s) => $s->heldBy('ayumi'), false],
    'given to nobody' => [fn(TaskSubject $s) => $s->heldBy(null, ['ayumi']), false],
    'given to another beside them' => [fn(TaskSubject $s) => $s->heldTogether(['ayumi', 'femi']), false],
    'done' => [fn(TaskSubject $s) => $s->inStatus(TaskStatus::Done), false],
    'dropped' => [fn(TaskSubject $s) => $s->inStatus(TaskStatus::Dropped), false],
    'in review' => [fn(TaskSubject $s) => $s->inStatus(TaskStatus::InReview), false],
]);
