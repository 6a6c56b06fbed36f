<?php

declare(strict_types=1);

use App\Coverage\CoverageRuns;
use App\Models\Events\RecordedEvent;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

const ROUNDS = 17;

/** How many tasks have a moment that has come and not happened yet. */
function stillDue(): int
{
    return Task::query()->where('next_moment_at', '<=', CarbonImmutable::now())->count();
}

/**
 * @return Closure(): bool whether from now on a moment has happened and a task has come in: however slow the machine
 *     is, what is killed then has begun
 */
function begun(): Closure
{
    $tasks = static fn(): int => Task::query()->whereNull('made_by_id')->count();
    [$due, $before] = [stillDue(), $tasks()];

    return static fn(): bool => ($due === 0 || stillDue() < $due) && $tasks() > $before;
}

it(
    'does nothing by halves and nothing twice when the clock, the queue and requests are killed 51 times',
    function (): void {
        mt_srand(8);
        $this->travelTo(CarbonImmutable::now()->subDays(9));
        House::publish(
            House::roundRule(),
            [
                'id' => 'late',
                'name' => 'Late',
                'when' => [['kind' => 'date_reached', 'field' => 'task.due', 'offset' => '+0 days']],
                'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
                'then' => [
                    ['kind' => 'tag', 'tag' => 'late'],
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'quote',
                        'title' => 'Ask about ~task.title~',
                        'for' => ['kind' => 'people', 'people' => ['tobias']],
                    ],
                ],
            ],
            [
                'id' => 'said',
                'name' => 'Said',
                'when' => [['kind' => 'comment_added', 'by' => 'anyone']],
                'then' => [['kind' => 'tag', 'tag' => 'talked about']],
            ],
        );
        for ($count = 0; $count < 250; ++$count) {
            House::arrive();
        }
        $this->travelBack();
        expect(stillDue())->toBe(250);

        for ($round = 0; $round < ROUNDS; ++$round) {
            $begun = begun();
            $processes = [
                $this->launch(base_path('tests/Support/busy_ticker.php')),
                $this->launch('artisan', 'queue:work', '--sleep=0.1'),
                $this->launch(base_path('tests/Support/busy_worker.php')),
            ];
            $this->waitUntil($begun);
            shuffle($processes);
            foreach ($processes as $process) {
                usleep(mt_rand(20_000, 400_000));
                $process->signal(SIGKILL);
            }
            foreach ($processes as $process) {
                $process->wait();
            }
        }
        usleep(200_000);
        expect(stillDue())->toBeLessThan(250);
        $last = $this->launch('artisan', 'baton:tick');
        $last->wait();
        expect($last->getExitCode())->toBe(0);
        expect(stillDue())->toBe(0);

        // Each moment brought about its decision, its tag and its one task.
        $made = DB::table('tasks')
            ->whereNotNull('made_by_id')
            ->selectRaw('made_by_id, COUNT(*) AS times')
            ->groupBy('made_by_id')
            ->pluck('times')
            ->all();
        expect($made)->toBe(array_fill(0, 250, 1));
        expect(Decision::query()->where('event', 'date_reached')->count())->toBe(250);
        expect(Task::query()->whereJsonContains('tags', 'late')->count())->toBe(250);
        // What requests began is there whole.
        $arrived = Task::query()->whereNull('made_by_id')->count();
        $started = TaskChange::query()->where('occasion', 'started')->count();
        expect($arrived)->toBeGreaterThan(250);
        expect($started)->toBe(Task::query()->where('status', TaskStatus::Working)->count());
        expect(Comment::query()->count())->toBe(TaskChange::query()->where('occasion', 'commented')->count());
        expect(Task::query()->whereJsonContains('tags', 'talked about')->count())->toBe(Comment::query()->count());
        expect(Decision::query()->where('event', 'task_arrives')->count())->toBe(Task::query()->count());
        expect(Task::query()->whereNull('assignee_id')->count())->toBe(0);

        // Coverage counts each once, wherever its worker was killed.
        config(['queue.default' => 'sync']);
        DB::table('cache_locks')->delete();
        $run = CoverageRuns::forPublished(RulebookVersion::query()->published()->sole())->refresh();
        expect($run->finished_at)->not->toBeNull();
        expect($run->done)->toBe(
            Task::query()->count() + RecordedEvent::query()->where('kind', 'task_changed')->count(),
        );
        expect((int) $run->counts()->sum('tasks'))->toBe(Task::query()->count());
        expect(
            $run
                ->acts()
                ->orderBy('rule')
                ->selectRaw('rule, SUM(times) AS times')
                ->groupBy('rule')
                ->pluck('times', 'rule')
                ->map(static fn($times): int => (int) $times)
                ->all(),
        )->toBe(['late' => 250, 'round' => $arrived, 'said' => Comment::query()->count()]);
    },
);
