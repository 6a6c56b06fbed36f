<?php

declare(strict_types=1);

use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;

/** @return array<string, int> tasks held, by person */
function held(): array
{
    return DB::table('tasks')
        ->join('people', 'people.id', '=', 'tasks.assignee_id')
        ->groupBy('slug')
        ->orderBy('slug')
        ->selectRaw('slug, COUNT(*) AS tasks')
        ->pluck('tasks', 'slug')
        ->map(static fn($count): int => (int) $count)
        ->all();
}

/** How many turns the passes say were taken: each is a stride of 10^7, from half a stride. */
function turnsTaken(): int
{
    return (int) DB::table('rotation_seats')
        ->selectRaw('COALESCE(SUM((pass - 5000000) DIV 10000000), 0) AS turns')
        ->value('turns');
}

function everythingFits(): void
{
    $tasks = Task::query()->count();
    expect(Decision::query()->count())->toBe($tasks);
    expect(Decision::query()->distinct()->count('task_id'))->toBe($tasks);
    expect(Handoff::query()->count())->toBe($tasks);
    expect(Task::query()->whereNull('assignee_id')->count())->toBe(0);
    expect(
        DB::table('tasks')
            ->join('handoffs', 'handoffs.task_id', '=', 'tasks.id')
            ->whereColumn('handoffs.to_id', '!=', 'tasks.assignee_id')
            ->count(),
    )->toBe(0);
    expect(turnsTaken())->toBe($tasks);
}

it('lets two processes route 500 tasks each through one rotation without taking a turn twice', function (): void {
    $workers = [$this->worker(500), $this->worker(500)];
    foreach ($workers as $worker) {
        $worker->wait();
        expect($worker->getErrorOutput() . $worker->getOutput())->toBe('');
        expect($worker->getExitCode())->toBe(0);
    }
    expect(Task::query()->count())->toBe(1000);
    expect(held())->toBe(['ayumi' => 334, 'callum' => 333, 'femi' => 333]);
    everythingFits();
});

it('leaves no half-routed task when a worker is killed in the middle', function (): void {
    for ($round = 1; $round <= 8; ++$round) {
        $before = Task::query()->count();
        $worker = $this->worker(100_000);
        $deadline = microtime(true) + 30;
        while (Task::query()->count() < $before + 5 && microtime(true) < $deadline) {
            usleep(5000);
        }
        usleep($round * 1700);
        $worker->signal(SIGKILL);
        $worker->wait();
        // The server notices that the connection is gone and takes back what was not committed.
        usleep(100_000);
        expect(Task::query()->count())->toBeGreaterThanOrEqual($before + 5);
        everythingFits();
    }
    $counts = held();
    expect(max($counts) - min($counts))->toBeLessThanOrEqual(1);
});

it('makes one task of each request that two processes send at once under one key', function (): void {
    $workers = [$this->worker(40, 'shop'), $this->worker(40, 'shop')];
    $numbers = [];
    foreach ($workers as $worker) {
        $worker->wait();
        expect($worker->getExitCode())->toBe(0, $worker->getErrorOutput() . $worker->getOutput());
        $numbers[] = array_values(array_filter(explode("\n", $worker->getOutput())));
    }
    expect($numbers[0])->toHaveCount(40);
    expect($numbers[1])->toBe($numbers[0]);
    expect(Task::query()->count())->toBe(40);
    everythingFits();
});
