<?php

declare(strict_types=1);

use App\Models\People\Person;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Tasks\RetryUnplaced;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Workload\Priority;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

/**
 * @param list<string>               $people
 * @param list<array<string, mixed>> $limits
 * @param list<array<string, mixed>> $then
 *
 * @return array<string, mixed>
 */
function benchRule(array $people, array $limits = [], array $then = []): array
{
    return House::rule(
        'bench',
        ['all' => []],
        [
            'pool' => ['kind' => 'people', 'people' => $people],
            'method' => ['kind' => 'in_order'],
            'limits' => $limits,
            'otherwise' => ['kind' => 'unplaced'],
        ],
        $then,
    );
}

function pauseIntake(?string $until, string ...$slugs): void
{
    Person::query()
        ->whereIn('slug', $slugs)
        ->update(['intake_paused_until' => $until]);
    DB::table('houses')->increment('roster_revision');
}

/** @return list<string|null> who has each */
function holders(Task ...$tasks): array
{
    return array_map(static fn(Task $task): ?string => $task->refresh()->assignee?->slug, array_values($tasks));
}

it('tries what waits again when somebody comes back, each with its decision, once', function (): void {
    House::publish(benchRule(['ayumi', 'femi'], then: [['kind' => 'tag', 'tag' => 'waited']]));
    pauseIntake('2026-03-02T12:00:00Z', 'ayumi', 'femi');
    $task = House::arrive();
    expect([holders($task), $task->tags])->toBe([[null], ['waited']]);
    Clock::tick('2026-03-02T11:59:00Z');
    expect(holders($task))->toBe([null]);
    expect(Decision::query()->count())->toBe(1);
    Clock::tick('2026-03-02T12:00:00Z');
    expect([holders($task), $task->tags])->toBe([['ayumi'], ['waited']]);
    expect(Decision::query()->orderBy('id')->pluck('outcome')->map->value->all())->toBe(['unplaced', 'assigned']);
    expect(
        TaskChange::query()
            ->where('task_id', $task->id)
            ->get()
            ->map(static fn(TaskChange $one): array => [$one->cause, $one->occasion, $one->system])
            ->all(),
    )->toBe([[Cause::Retry, 'retried', 'clock']]);
    expect(Handoff::query()->where('task_id', $task->id)->count())->toBe(1);
    $history = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->viewData('page')['props']['task']['history'];
    expect(array_column($history, 'said'))->toBe(['It arrived', 'It was tried again']);
    expect($history[1]['decision']['summary'])->toEndWith('Ayumi Kato');
    Clock::tick('2026-03-02T12:01:00Z');
    expect(Decision::query()->count())->toBe(2);
});

it('tries it again when rules are published, and moves nothing that is placed', function (): void {
    House::publish(benchRule(['femi']));
    $placed = House::arrive();
    pauseIntake('further_notice', 'femi');
    $waits = House::arrive();
    House::publish(benchRule(['ayumi', 'tobias']));
    expect(holders($placed, $waits))->toBe(['femi', 'ayumi']);
});

it('takes the most urgent first, and of those the oldest', function (): void {
    House::publish(benchRule(['ayumi'], [['kind' => 'open_tasks_at_most', 'tasks' => 2]]));
    pauseIntake('2026-03-02T12:00:00Z', 'ayumi');
    $tasks = [];
    foreach (['normal', 'urgent', 'normal', 'urgent'] as $minute => $priority) {
        Clock::set("2026-03-02T10:0{$minute}:00Z");
        $tasks[] = $task = House::arrive();
        $task->update(['priority' => Priority::from($priority)]);
    }
    Clock::tick('2026-03-02T12:00:00Z');
    expect(holders(...$tasks))->toBe([null, 'ayumi', null, 'ayumi']);
    // With room again the oldest of the others.
    $this->actingAs(House::user('hanneke'))
        ->post("/tasks/{$tasks[3]->id}/complete")
        ->assertSessionHasNoErrors();
    Clock::tick('2026-03-02T12:01:00Z');
    expect(holders(...$tasks))->toBe(['ayumi', 'ayumi', null, 'ayumi']);
});

it('does not ask again where nothing has changed, and does not record the same twice', function (): void {
    House::publish(benchRule(['ayumi']));
    pauseIntake('further_notice', 'ayumi');
    $task = House::arrive();
    Clock::tick('2026-03-02T10:01:00Z');
    Queue::fake();
    Clock::tick('2026-03-02T10:02:00Z');
    Queue::assertNotPushed(RetryUnplaced::class);
    pauseIntake('2026-03-09T10:00:00Z', 'ayumi');
    Clock::tick('2026-03-02T10:03:00Z');
    Queue::assertPushed(RetryUnplaced::class, 1);
    app()->call([new RetryUnplaced(), 'handle']);
    expect(holders($task))->toBe([null]);
    expect(Decision::query()->count())->toBe(1);
    expect(TaskChange::query()->count())->toBe(0);
});

it('goes on with the others where one fails', function (): void {
    House::publish(benchRule(['ayumi']));
    pauseIntake('2026-03-02T12:00:00Z', 'ayumi');
    [$bad, $good] = [House::arrive(), House::arrive()];
    DB::listen(static function ($query) use ($bad): void {
        if (str_starts_with($query->sql, 'insert into `decisions`') && in_array($bad->id, $query->bindings, true)) {
            throw new RuntimeException('no');
        }
    });
    Clock::tick('2026-03-02T12:00:00Z');
    expect(holders($bad, $good))->toBe([null, 'ayumi']);
});
