<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Runsheets;

require_once __DIR__ . '/RunFunctions.php';

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

it('waits for the run of another runsheet, and cancels it with itself', function (): void {
    Runsheets::publish(Runsheets::document([Runsheets::task('pack')], 'task', 'return'));
    $sheet = Runsheets::publish(
        Runsheets::document([
            ['key' => 'back', 'name' => 'Back', 'does' => ['kind' => 'runsheet', 'runsheet' => 'return']],
            Runsheets::task('bench'),
        ]),
    );
    $task = House::arrive();
    $run = Runsheets::start($sheet, $task);
    $child = Run::query()->where('parent_id', $run->id)->sole();
    expect([Runsheets::steps($run), Runsheets::steps($child), $task->refresh()->runs])->toBe([
        'back open',
        'pack open',
        2,
    ]);
    completedStep($child, 'pack');
    expect([$child->refresh()->state, Runsheets::steps($run), $task->refresh()->runs])->toBe([
        RunState::Finished,
        'back done, bench open',
        1,
    ]);

    $other = House::arrive();
    $second = Runsheets::start($sheet, $other);
    Runsheets::cancel($second);
    expect($second->refresh()->state)->toBe(RunState::Cancelled);
    expect(Run::query()->where('parent_id', $second->id)->sole()->state)->toBe(RunState::Cancelled);
    expect($other->refresh()->runs)->toBe(0);
    expect(Task::query()->where('made_by_id', $other->id)->sole()->status)->toBe(TaskStatus::Dropped);
});

it('goes on at once where the run that it waits for is over at once', function (): void {
    $mark = [
        'key' => 'mark',
        'name' => 'Mark',
        'does' => ['kind' => 'act', 'act' => ['kind' => 'tag', 'tag' => 'seen']],
    ];
    Runsheets::publish(Runsheets::document([$mark], 'task', 'return'));
    $back = ['key' => 'back', 'name' => 'Back', 'does' => ['kind' => 'runsheet', 'runsheet' => 'return']];
    $task = House::arrive();
    $run = Runsheets::start(Runsheets::publish(Runsheets::document([$back, Runsheets::task('bench')])), $task);
    expect([Runsheets::steps($run), $task->refresh()->runs, $task->tagList()])->toBe([
        'back done, bench open',
        1,
        ['seen'],
    ]);
});

it('moves a due date that hangs on another step when that is over, unless somebody has set it', function (): void {
    $after = ['due' => ['kind' => 'after_step', 'step' => 'one', 'span' => 'P1D']];
    $beside = static fn(string ...$keys): array => [
        'key' => 'before',
        'side_by_side' => [
            Runsheets::task('one'),
            ...array_map(static fn(string $key): array => Runsheets::task($key, $after), array_values($keys)),
        ],
    ];
    $run = Runsheets::start(Runsheets::publish(Runsheets::document([$beside('two', 'three')])), House::arrive());
    // A rule has set one meanwhile.
    expect(Runsheets::taskOf($run, 'two')->due_at?->toIso8601ZuluString())->toBe('2026-03-04T17:00:00Z');
    Clock::moveDue(Runsheets::taskOf($run, 'three'), '2026-04-01T10:00:00Z');
    completedStep($run, 'one');
    expect(Runsheets::taskOf($run, 'two')->due_at?->toIso8601ZuluString())->toBe('2026-03-03T17:00:00Z');
    expect(Runsheets::taskOf($run, 'three')->due_at?->toIso8601ZuluString())->toBe('2026-04-01T10:00:00Z');
});

it('makes nothing of what is dropped by what acts at once beside it', function (): void {
    $mark = [
        'key' => 'mark',
        'name' => 'Mark',
        'does' => ['kind' => 'act', 'act' => ['kind' => 'tag', 'tag' => 'seen']],
    ];
    $some = ['key' => 'before', 'first' => 1, 'side_by_side' => [$mark, Runsheets::task('bench')]];
    $run = Runsheets::start(Runsheets::publish(Runsheets::document([$some])), House::arrive());
    expect(Runsheets::steps($run))->toBe('mark done, bench dropped');
    expect(Task::query()->count())->toBe(1);
});

it('is over once where its last step acts at once', function (): void {
    $mark = [
        'key' => 'mark',
        'name' => 'Mark',
        'does' => ['kind' => 'act', 'act' => ['kind' => 'tag', 'tag' => 'seen']],
    ];
    $run = Runsheets::start(Runsheets::publish(Runsheets::document([$mark])), House::arrive());
    expect($run->state)->toBe(RunState::Finished);
    expect(
        TaskChange::query()
            ->where(['task_id' => $run->task_id, 'occasion' => 'run_finished'])
            ->count(),
    )->toBe(1);
});

it('refuses a runsheet that would wait for itself through another', function (): void {
    $waits = static fn(string $for): array => [
        ['key' => 'then', 'name' => 'Then', 'does' => ['kind' => 'runsheet', 'runsheet' => $for]],
    ];
    Runsheets::publish(Runsheets::document([Runsheets::task('pack')], 'task', 'return'));
    Runsheets::publish(Runsheets::document($waits('return')));
    expect(static fn() => Runsheets::publish(Runsheets::document($waits('large-repair'), 'task', 'return')))->toThrow(
        DocumentError::class,
        'It would wait for itself',
    );
});
