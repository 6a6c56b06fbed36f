<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Bridge\Houses;
use App\Bridge\SubjectRows;
use App\Clock\FireTimers;
use App\Clock\WorkOutNextMoments;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use App\People\ImportRoster;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Document\Node;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

it('loses nothing that falls due before the tasks have been gone over', function (): void {
    House::publish(House::roundRule());
    $task = House::arrive();
    Clock::moveDue($task, '2026-03-03T12:00:00Z');
    Clock::set('2026-03-03T11:59:00Z');
    Queue::fake();
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    Clock::tick('2026-03-03T12:01:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(0);
    foreach (Queue::pushed(WorkOutNextMoments::class) as $job) {
        app()->call([$job, 'handle']);
        app()->call([$job, 'handle']);
    }
    Clock::tick('2026-03-03T12:02:00Z');
    Clock::tick('2026-03-03T12:03:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
    expect($task->refresh()->next_moment_at)->toBeNull();
});

it('follows the calendar of the house where that changes', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+1 working_days'));
    $task = House::arrive();
    // Due on Wednesday the 4th, at five.
    expect($task->next_moment_at?->toIso8601ZuluString())->toBe('2026-03-05T17:00:00Z');
    $roster = House::roster();
    $roster['house']['holidays'] = ['2026-03-05'];
    app(ImportRoster::class)(Node::root($roster), false, Actor::system('test'));
    expect($task->refresh()->next_moment_at?->toIso8601ZuluString())->toBe('2026-03-06T17:00:00Z');
});

it('lets go of timers that no rule has any more', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    Clock::moveDue(House::arrive(), '2026-03-03T12:00:00Z');
    House::publish(House::roundRule());
    Clock::tick('2026-03-03T13:00:00Z');
    expect(Timer::query()->count())->toBe(0);
    expect(Decision::query()->count())->toBe(1);
    expect(Task::query()->sole()->next_moment_at)->toBeNull();
});

it('finds what is due by an index', function (): void {
    $asked = [];
    DB::listen(static function ($query) use (&$asked): void {
        if (str_contains($query->sql, 'order by')) {
            $asked[] = $query->toRawSql();
        }
    });
    app(FireTimers::class)(CarbonImmutable::now());
    $plans = array_map(static fn(string $sql): mixed => DB::select("EXPLAIN {$sql}")[0], $asked);
    expect(
        array_map(
            static fn($plan): array => [$plan->table, $plan->key, str_contains($plan->Extra, 'filesort')],
            $plans,
        ),
    )->toBe([
        ['timers', 'timers_fired_at_due_at_id_index', false],
        ['tasks', 'tasks_next_moment_at_index', false],
        ['cases', 'cases_next_moment_at_index', false],
        ['customers', 'customers_next_moment_at_index', false],
    ]);
});

it('is a verb that answers how much has happened', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    Clock::moveDue(House::arrive(), '2026-03-03T12:00:00Z');
    Clock::set('2026-03-03T12:00:00Z');
    expect(app(FireTimers::class)(CarbonImmutable::now()))->toBe(1);
    expect(app(FireTimers::class)(CarbonImmutable::now()))->toBe(0);
});

it('asks for as many rows at each tick however many rules go by dates and the calendar', function (): void {
    $queries = function (int $rules): int {
        $of = static fn(array $when, int $number): array => [
            'id' => "{$when['kind']}-{$number}",
            'name' => "Rule {$number}",
            'when' => [$when],
            'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            'then' => [['kind' => 'priority', 'priority' => 'high']],
        ];
        House::publish(
            House::roundRule(),
            ...array_map(
                static fn(int $number): array => $of(
                    ['kind' => 'date_reached', 'field' => 'task.due', 'offset' => "+{$number} days"],
                    $number,
                ),
                range(1, $rules),
            ),
            ...array_map(
                static fn(int $number): array => $of(
                    [
                        'kind' => 'schedule',
                        'recurrence' => "FREQ=MONTHLY;BYMONTHDAY={$number}",
                        'from' => '2026-04-01',
                        'time' => '09:00',
                    ],
                    $number,
                ),
                range(1, $rules),
            ),
        );
        Clock::tick('2026-03-02T10:01:00Z');
        DB::flushQueryLog();
        DB::enableQueryLog();
        Clock::tick('2026-03-02T10:02:00Z');
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    House::arrive();
    // What is done for the first time only is not counted.
    $queries(1);
    expect($queries(12))->toBe($queries(2));
});

it('forgets what has happened after four weeks, and does it no second time', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    $task = House::arrive();
    Clock::moveDue($task, '2026-03-03T12:00:00Z');
    Clock::tick('2026-03-03T12:00:00Z');
    $prune = function (string $at): int {
        Clock::tick($at);
        $this->artisan('model:prune', ['--model' => [Timer::class]])->assertSuccessful();

        return Timer::query()->count();
    };
    expect($prune('2026-03-31T12:00:00Z'))->toBe(1);
    expect($prune('2026-03-31T12:00:01Z'))->toBe(0);
    Clock::tick('2026-03-31T12:01:00Z');
    app(WorkOutNextMoments::class, ['since' => now()->getTimestamp()])->handle(
        app(Houses::class),
        app(SubjectRows::class),
    );
    Clock::tick('2026-03-31T12:02:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
    expect($task->refresh()->next_moment_at)->toBeNull();
});

it('says which moment a date has missed by less than a day, and lets it happen once', function (): void {
    Clock::set('2026-03-01T10:00:00Z');
    House::publish(House::roundRule(), [
        'id' => 'soon',
        'name' => 'Needed soon',
        'when' => [['kind' => 'date_reached', 'field' => 'task.needed', 'offset' => '-20 days', 'time' => '09:00']],
        'then' => [['kind' => 'tag', 'tag' => 'soon']],
    ]);
    $task = House::arrive();
    Clock::tick('2026-03-02T10:30:00Z');
    $set = fn(string $day, mixed $seen = null): array => (array) $this->actingAs(House::user('hanneke'))
        ->putJson("/tasks/{$task->id}/fields", ['seen' => ['task.needed' => $seen], 'set' => ['task.needed' => $day]])
        ->assertOk()
        ->json('missed');
    // Exactly twenty days ahead of today, and it is past nine; a day later nothing is missed, two days before it is too
    // long ago.
    $missed = $set('2026-03-22');
    expect(array_map(static fn(array $one): array => [$one['rule'], $one['at']], $missed))->toBe([
        ['Needed soon', '2026-03-02T09:00:00Z'],
    ]);
    Clock::tick('2026-03-02T10:31:00Z');
    expect($task->refresh()->tags)->toBe([]);
    $this->postJson("/tasks/{$task->id}/moments", ['timer' => $missed[0]['timer']])->assertOk();
    expect($task->refresh()->tags)->toBe(['soon']);
    $this->postJson("/tasks/{$task->id}/moments", ['timer' => $missed[0]['timer']])->assertStatus(409);
    expect($set('2026-03-23', '2026-03-22'))->toBe([]);
    expect($set('2026-03-20', '2026-03-23'))->toBe([]);
    expect($set('2026-03-22', '2026-03-20'))->toBe([]);
});
