<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Figures\WorkOutFigures;
use App\Models\Figures\CountedFigures;
use App\Models\Tasks\Task;
use App\Tasks\ListedTasks;
use App\Tasks\TaskFilter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

/**
 * A task of somebody, with its moments.
 *
 * @param array<string, mixed> $as
 */
function figureTask(?string $who, array $as): Task
{
    $task = House::arrive();
    Task::query()
        ->whereKey($task->id)
        ->update($as + ['assignee_id' => $who === null ? null : House::person($who)->id, 'due_at' => null]);

    return $task->refresh();
}

/** @return array<string, mixed> props of the page, of what has been counted */
function figuresOf(mixed $test, string $query): array
{
    (new WorkOutFigures())->handle(app(SnapshotSource::class));

    return $test
        ->actingAs(House::user('hanneke'))
        ->get("/figures?{$query}")
        ->assertOk()
        ->viewData('page')['props'];
}

/** A Wednesday; those of the week before are done, one of them late. */
beforeEach(function (): void {
    Clock::set('2026-03-11T10:00:00Z');
    House::open();
    $done = ['status' => TaskStatus::Done];
    // Nine to five on Monday; begun after an hour, and done on Tuesday morning.
    figureTask('femi', [
        ...$done,
        'arrived_at' => '2026-03-02 09:00:00',
        'started_at' => '2026-03-02 10:00:00',
        'completed_at' => '2026-03-03 10:00:00',
        'due_at' => '2026-03-03 09:00:00',
    ]);
    figureTask('tobias', [
        ...$done,
        'arrived_at' => '2026-03-04 09:00:00',
        'completed_at' => '2026-03-04 10:30:00',
        'due_at' => '2026-03-05 09:00:00',
    ]);
    figureTask('femi', [
        'status' => TaskStatus::Dropped,
        'arrived_at' => '2026-03-09 09:00:00',
        'completed_at' => '2026-03-10 09:00:00',
    ]);
    // Five weeks ago.
    figureTask('femi', [...$done, 'arrived_at' => '2026-02-02 09:00:00', 'completed_at' => '2026-02-03 09:00:00']);
    figureTask('ayumi', ['arrived_at' => '2026-03-10 09:00:00', 'due_at' => '2026-03-11 09:00:00']);
    figureTask('ayumi', ['arrived_at' => '2026-03-10 09:00:00', 'due_at' => '2026-03-11 12:00:00']);
    figureTask(null, ['arrived_at' => '2026-03-10 09:00:00', 'due_at' => '2026-03-10 09:00:00']);
});

it('counts what is now and what was in the last weeks', function (): void {
    $all = figuresOf($this, 'weeks=4')['all'];
    expect($all)->toMatchArray([
        'open' => 3,
        'overdue' => 2,
        'soon' => 1,
        'unplaced' => 1,
        'arrived' => 6,
        'done' => 2,
        'late' => 1,
        'dropped' => 1,
        // 60 and 90 minutes until they were begun, nine hours and 90 minutes until they were done.
        'touched' => ['median' => 60, 'ninety' => 90],
        'took' => ['median' => 90, 'ninety' => 540],
    ]);
    expect(figuresOf($this, 'weeks=12')['all'])->toMatchArray(['arrived' => 7, 'done' => 3]);
});

it('counts by team, by kind and by week', function (): void {
    $rows = fn(string $query): array => array_column(figuresOf($this, $query)['rows'], null, 'key');
    $teams = $rows('by=team&weeks=4');
    expect($teams['brass-bench'])
        ->toMatchArray([
            'name' => 'Brass bench',
            'overdue' => 1,
            'soon' => 1,
            'unplaced' => 0,
            'done' => 1,
            'late' => 1,
        ])
        // Of people in no team, and of nobody, is what is open.
        ->and($teams[''])
        ->toMatchArray(['overdue' => 1, 'unplaced' => 1, 'done' => 0]);
    expect($rows('by=kind&weeks=4')['bench-repair'])->toMatchArray(['overdue' => 2, 'done' => 2, 'dropped' => 1]);
    $weeks = $rows('by=week&weeks=4');
    expect(array_keys($weeks))
        ->toBe(['2026-03-02', '2026-03-09'])
        ->and($weeks['2026-03-02'])
        ->toMatchArray(['arrived' => 2, 'done' => 2, 'dropped' => 0, 'overdue' => 0])
        ->and($weeks['2026-03-09'])
        ->toMatchArray(['arrived' => 4, 'done' => 0, 'dropped' => 1, 'overdue' => 2, 'unplaced' => 1]);
    expect(figuresOf($this, 'by=kind&weeks=4&team=brass-bench')['all'])->toMatchArray([
        'open' => 2,
        'overdue' => 1,
        'unplaced' => 0,
        'arrived' => 4,
        'done' => 1,
    ]);
});

it('counts a task of several in the team of each, once', function (): void {
    $task = figureTask('femi', ['arrived_at' => '2026-03-10 09:00:00', 'due_at' => '2026-03-11 09:30:00']);
    $task->holdsWith()->attach(House::person('ayumi')->id, ['position' => 1, 'open' => true]);
    Task::query()
        ->whereKey($task->id)
        ->update(['do_together' => false]);
    $rows = array_column(figuresOf($this, 'by=team&weeks=4')['rows'], null, 'key');
    expect($rows['brass-bench']['overdue'])->toBe(2);
});

it('has behind each figure as many tasks as it says', function (array $list, string $which): void {
    $found = app(ListedTasks::class)->of(new TaskFilter($list), House::user('hanneke'))->count();
    expect(figuresOf($this, 'weeks=4')['all'][$which])->toBe($found)->toBeGreaterThan(0);
})->with([
    [['due' => 'late'], 'overdue'],
    [['due' => 'soon'], 'soon'],
    [['holder' => 'unplaced'], 'unplaced'],
    [['status' => 'all', 'dates' => 'arrived', 'from' => '2026-02-16', 'to' => '2026-03-11'], 'arrived'],
    [['status' => 'done', 'dates' => 'ended', 'from' => '2026-02-16', 'to' => '2026-03-11'], 'done'],
    [['status' => 'done', 'due' => 'missed', 'dates' => 'ended', 'from' => '2026-02-16'], 'late'],
    [['status' => 'dropped', 'dates' => 'ended', 'from' => '2026-02-16', 'to' => '2026-03-11'], 'dropped'],
]);

it('says in words which days a list is narrowed by', function (): void {
    $said = fn(string $query): string => $this->actingAs(House::user('hanneke'))
        ->get("/tasks?{$query}")
        ->viewData('page')['props']['said'];
    expect($said('status=all&dates=ended&from=2026-03-02&to=2026-03-08'))
        ->toBe('open or not, done or dropped from Mon 2 Mar to Sun 8 Mar')
        ->and($said('dates=due&from=2026-03-02'))
        ->toBe('open, due from Mon 2 Mar');
    $this->get('/tasks?dates=due&from=2026-3-2')->assertInvalid('from');
});

it('counts in the background, when nobody has for some minutes, and again each hour', function (): void {
    Queue::fake();
    $look = fn() => $this->actingAs(House::user('hanneke'))->get('/figures')->assertOk();
    expect($look()->viewData('page')['props']['at'])->toBeNull();
    Queue::assertPushed(WorkOutFigures::class, 1);
    (new WorkOutFigures())->handle(app(SnapshotSource::class));
    $look();
    Queue::assertPushed(WorkOutFigures::class, 1);
    Clock::set('2026-03-11T10:11:00Z');
    expect($look()->viewData('page')['props']['at'])->toBe('2026-03-11T10:00:00Z');
    Queue::assertPushed(WorkOutFigures::class, 2);
    $this->actingAs(House::user('femi'))->get('/figures')->assertForbidden();
});

it('has been counted where nothing came in lately', function (): void {
    Task::query()->update([
        'status' => TaskStatus::Dropped,
        'arrived_at' => '2025-03-02 09:00:00',
        'completed_at' => '2025-03-02 09:00:00',
    ]);
    $page = figuresOf($this, 'by=week&weeks=12');
    expect($page['at'])
        ->not->toBeNull()
        ->and($page['all'])
        ->toMatchArray(['open' => 0, 'arrived' => 0, 'took' => null])
        ->and(CountedFigures::query()->count())
        ->toBe(1);
});

it('asks no more of the database for more tasks', function (string $query): void {
    $count = function () use ($query): int {
        (new WorkOutFigures())->handle(app(SnapshotSource::class));
        DB::enableQueryLog();
        $this->actingAs(House::user('hanneke'))
            ->get("/figures?{$query}")
            ->assertOk();
        $queries = count(DB::getQueryLog());
        DB::disableQueryLog();
        DB::flushQueryLog();

        return $queries;
    };
    $count();
    $few = $count();
    for ($more = 0; $more < 5; ++$more) {
        figureTask('femi', ['arrived_at' => '2026-03-10 09:00:00', 'due_at' => '2026-03-11 09:30:00']);
    }
    expect($count())->toBe($few);
})->with(['by=team', 'by=kind', 'by=week']);
