<?php

declare(strict_types=1);

use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\Timer;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Subject\TaskSubject;
use Tests\Support\House;

require_once __DIR__ . '/ChainFunctions.php';

beforeEach(function (): void {
    House::open();
});

it('ends a circle, keeps it, and tells of it', function (): void {
    House::publish(
        House::roundRule(),
        on('a', ['kind' => 'tag_on', 'tags' => ['a']], null, [
            ['kind' => 'tag_off', 'tag' => 'a'],
            ['kind' => 'tag', 'tag' => 'b'],
        ]),
        on('b', ['kind' => 'tag_on', 'tags' => ['b']], null, [
            ['kind' => 'tag_off', 'tag' => 'b'],
            ['kind' => 'tag', 'tag' => 'a'],
        ]),
    );
    $task = House::arrive();
    edit($task, static fn(TaskSubject $subject): TaskSubject => $subject->tagged('a'));
    $cut = ChainCut::query()->sole();
    expect([$cut->reason, $cut->rules, $cut->task_id, $cut->seen_at])->toBe([
        CutReason::Circle,
        ['a', 'b'],
        $task->id,
        null,
    ]);
    expect($task->refresh()->tags)->toBe(['a']);
});

it('commits all of a chain, or nothing of it', function (): void {
    House::publish(
        House::roundRule(),
        on('make', ['kind' => 'tag_on', 'tags' => ['x']], null, [
            ['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Second'],
        ]),
    );
    $task = House::arrive();
    Timer::saving(static fn() => null);
    Task::creating(
        static fn(Task $one): ?bool => $one->title === 'Second' ? throw new RuntimeException('the disk is full') : null,
    );
    DB::listen(static function ($query): void {
        if (str_starts_with($query->sql, 'insert into `tasks`') && in_array('Second', $query->bindings, true)) {
            throw new RuntimeException('the disk is full');
        }
    });
    expect(static fn() => edit($task, static fn(TaskSubject $subject): TaskSubject => $subject->tagged('x')))->toThrow(
        RuntimeException::class,
    );
    expect($task->refresh()->tags)->toBe([]);
    expect([Task::query()->count(), TaskChange::query()->count(), Decision::query()->count()])->toBe([1, 0, 1]);
});

it('lets a date follow another, until a person sets it by hand', function (): void {
    CarbonImmutable::setTestNow('2026-03-02T10:00:00Z');
    House::publish(
        House::rule(
            'follow',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['ayumi']], 'method' => ['kind' => 'in_order']],
            [['kind' => 'due_follows', 'date_field' => 'task.needed', 'offset' => '-2 working_days']],
        ),
    );
    $task = House::arrive(facts: ['task.needed' => '2026-03-20']);
    expect($task->due_at?->toIso8601ZuluString())->toBe('2026-03-18T17:00:00Z');
    edit($task, static fn(TaskSubject $subject): TaskSubject => $subject->withField('task.needed', '2026-03-25'));
    expect($task->refresh()->due_at?->toIso8601ZuluString())->toBe('2026-03-23T17:00:00Z');
    edit(
        $task,
        static fn(TaskSubject $subject): TaskSubject => $subject->dueAt(
            CarbonImmutable::parse('2026-03-19T12:00:00Z')->getTimestamp(),
        ),
    );
    edit($task, static fn(TaskSubject $subject): TaskSubject => $subject->withField('task.needed', '2026-03-30'));
    expect($task->refresh()->due_at?->toIso8601ZuluString())->toBe('2026-03-19T12:00:00Z');
    expect($task->due_follows)->toBeNull();
});
