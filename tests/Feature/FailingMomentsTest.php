<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Timer;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Subject\TaskSubject;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

it('passes over what fails, tells of it, and tries it again', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    $bad = House::arrive();
    $good = House::arrive();
    Clock::moveDue($bad, '2026-03-03T12:00:00Z');
    Clock::moveDue($good, '2026-03-03T13:00:00Z');
    $fail = true;
    DB::listen(static function ($query) use (&$fail, $bad): void {
        if (
            $fail &&
            str_starts_with($query->sql, 'insert into `decisions`') &&
            in_array($bad->id, $query->bindings, true)
        ) {
            throw new RuntimeException('no');
        }
    });
    Clock::tick('2026-03-03T14:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->pluck('task_id')->all())->toBe([$good->id]);
    expect(
        ChainCut::query()
            ->sole()
            ->only(['task_id', 'rules', 'reason']),
    )->toBe(['task_id' => $bad->id, 'rules' => ['overdue'], 'reason' => CutReason::Failed]);
    $fail = false;
    Clock::tick('2026-03-03T14:01:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(2);
});

it('lets happen the rest of what is due on a task of which something fails', function (): void {
    $tag = static fn(string $id, string $offset): array => [
        'id' => $id,
        'name' => $id,
        'when' => [['kind' => 'date_reached', 'field' => 'task.due', 'offset' => $offset]],
        'then' => [['kind' => 'tag', 'tag' => $id]],
    ];
    House::publish(
        House::roundRule(),
        $tag('first', '-2 hours'),
        $tag('second', '-1 hours'),
        $tag('third', '+1 hours'),
    );
    $task = House::arrive();
    Clock::moveDue($task, '2026-03-03T12:00:00Z');
    $fail = true;
    DB::listen(static function ($query) use (&$fail): void {
        if (
            $fail &&
            str_starts_with($query->sql, 'insert into `timers`') &&
            in_array('2026-03-03 10:00:00', $query->bindings, true)
        ) {
            throw new RuntimeException('no');
        }
    });
    Clock::tick('2026-03-03T11:30:00Z');
    expect([$task->refresh()->tags, $task->next_moment_at?->toIso8601ZuluString()])->toBe([
        ['second'],
        '2026-03-03T13:00:00Z',
    ]);
    // An edit in between that does not move the date does not lose it.
    app(EditTask::class)->__invoke(
        $task->id,
        null,
        new Edit('edited', static fn(TaskSubject $subject): TaskSubject => $subject->tagged('seen')),
        Actor::user(House::user('hanneke')),
    );
    $fail = false;
    Clock::tick('2026-03-03T11:31:00Z');
    expect($task->refresh()->tags)->toBe(['second', 'seen', 'first']);
});

it('does not try again what has failed where its date has moved', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    $task = House::arrive();
    Clock::moveDue($task, '2026-03-03T12:00:00Z');
    $fail = true;
    DB::listen(static function ($query) use (&$fail): void {
        if ($fail && str_starts_with($query->sql, 'insert into `decisions`')) {
            throw new RuntimeException('no');
        }
    });
    Clock::tick('2026-03-03T12:00:00Z');
    $fail = false;
    Clock::moveDue($task, '2026-03-05T12:00:00Z');
    Clock::tick('2026-03-03T12:01:00Z');
    expect([Decision::query()->where('rule', 'overdue')->count(), Timer::query()->count()])->toBe([0, 0]);
    Clock::tick('2026-03-05T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
});
