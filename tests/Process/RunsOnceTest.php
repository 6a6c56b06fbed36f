<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Runsheets\KeepRuns;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;
use Tests\Support\Runsheets;

it('makes what each step makes once, whoever carries runs on at once and whoever is killed', function (): void {
    House::publish(House::roundRule());
    $mark = static fn(int $number): array => [
        'key' => "mark{$number}",
        'name' => "Mark {$number}",
        'does' => ['kind' => 'act', 'act' => ['kind' => 'tag', 'tag' => "mark {$number}"]],
    ];
    $sheet = Runsheets::publish(
        Runsheets::document([
            Runsheets::task('first'),
            $mark(1),
            $mark(2),
            ['key' => 'both', 'side_by_side' => [Runsheets::task('left'), Runsheets::task('right')]],
        ]),
    );
    $runs = array_map(static fn(): Run => Runsheets::start($sheet, House::arrive()), range(1, 8));
    // The first step of each is done, and nobody has looked since.
    Task::query()
        ->where('source', TaskSource::Run)
        ->update(['status' => TaskStatus::Done, 'completed_at' => now()]);
    Run::query()->update(['wakes_at' => now()->subMinute()]);

    $worker = base_path('tests/Support/fire_worker.php');
    $at = (string) (microtime(true) + 1.5);
    $workers = array_map(fn() => $this->launch($worker, $at, KeepRuns::class), range(1, 3));
    $this->waitUntil(fn(): bool => RunBlock::query()->where('key', 'left')->count() > 0);
    $workers[0]->stop(0, SIGKILL);
    foreach ([$workers[1], $workers[2]] as $one) {
        expect($one->wait())->toBe(0, $one->getOutput() . $one->getErrorOutput());
    }
    expect($this->launch($worker, '0', KeepRuns::class)->wait())->toBe(0);

    foreach ($runs as $run) {
        expect($run->refresh()->state)->toBe(RunState::Running);
        expect(
            $run
                ->blocks()
                ->where('state', StepState::Open)
                ->whereNotNull('task_id')
                ->orderBy('key')
                ->pluck('key')
                ->all(),
        )->toBe(['left', 'right']);
        expect(array_unique($run->task->tagList()))->toBe(['mark 1', 'mark 2']);
    }
    expect(Task::query()->where('source', TaskSource::Run)->count())->toBe(3 * count($runs));
});
