<?php

declare(strict_types=1);

/*
 * A sweep over 50,000 open tasks, of which 5,000 change: seconds to look at
 * them, milliseconds of a task that is swept against an edit of one, and how
 * long edits wait beside it. Prints JSON. Runs after tick.php, which leaves the
 * tasks there.
 */

use App\Bridge\TaskSubjects;
use App\Models\Access\User;
use App\Models\Sweeps\NamedSweep;
use App\Models\Sweeps\SweptState;
use App\Models\Tasks\Task;
use App\Sweeps\CarryOutSweep;
use App\Sweeps\LookAtSweep;
use App\Sweeps\SaveSweep;
use App\Sweeps\SteerSweep;
use App\Sweeps\SweepOne;
use App\Sweeps\SweepOrder;
use Illuminate\Foundation\Application;

const SWEPT = 5_000;
const EDITS = 400;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/measure.php';
require __DIR__ . '/edits.php';
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);
$user = User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();

if (($argv[1] ?? '') === 'carry') {
    $app->call([new CarryOutSweep((string) ($argv[2] ?? '')), 'handle']);
    exit();
}

$edit = editsOf($app, $user, 2 * EDITS);

$some = Task::query()
    ->where('title', 'Open task')
    ->orderBy('id')
    ->limit(SWEPT)
    ->get(['id'])
    ->map(static fn(Task $task): string => $task->id)
    ->all();
foreach (array_chunk($some, 1_000) as $ids) {
    Task::query()
        ->whereKey($ids)
        ->update(['priority' => 'low']);
}
$sweep =
    NamedSweep::query()->where('name', 'Of the benchmark')->first() ??
    $app->make(SaveSweep::class)(
        null,
        'Of the benchmark',
        [
            'if' => ['field' => 'task.priority', 'op' => 'is', 'value' => 'low'],
            'then' => [['kind' => 'priority', 'priority' => 'high'], ['kind' => 'tag', 'tag' => 'swept']],
        ],
        null,
        $user,
    );
$run = $app->make(SteerSweep::class)->look(new SweepOrder($sweep, ['filter' => []], $user));
$look = secondsOf(static fn() => $app->call([new LookAtSweep($run->id), 'handle']));
$run->refresh();
$figures = ['looked' => $run->looked, 'look_seconds' => round($look, 1), 'would_change' => $run->tasks()->count()];
$app->make(SteerSweep::class)->carryOut($run, $user);
// In turn, so that what else the machine does weighs on both alike.
$sweepOne = $app->make(SweepOne::class);
$alone = $swept = [];
$relations = array_map(static fn(string $of): string => "task.{$of}", TaskSubjects::RELATIONS);
foreach (range(0, EDITS - 1, 20) as $from) {
    $piece = [];
    $reading =
        1_000 *
        secondsOf(static function () use ($run, $relations, $from, &$piece): void {
            $piece = $run
                ->tasks()
                ->with($relations)
                ->where('place', '>', $from)
                ->orderBy('place')
                ->limit(20)
                ->get()
                ->all();
        });
    foreach ($piece as $row) {
        $alone[] = $edit();
        $swept[] = $reading / 20 + 1_000 * secondsOf(static fn() => $sweepOne($run, $row));
    }
}

if ($alone === [] || $swept === []) {
    throw new RuntimeException('Nothing was swept.');
}
$carrying =
    proc_open([PHP_BINARY, __FILE__, 'carry', $run->id], [], $pipes) ?: throw new RuntimeException('No process.');
$beside = array_map($edit, range(1, EDITS));
while (proc_get_status($carrying)['running']) {
    usleep(2_000);
}
echo json_encode(
    $figures + [
        'carried' => $run->tasks()->where('state', SweptState::Carried)->count(),
        'edit' => round(median($alone), 2),
        'swept' => round(median($swept), 2),
        'edit_beside' => round(median($beside), 2),
        'edit_beside_slowest' => round(max($beside), 1),
    ],
),
    "\n";
