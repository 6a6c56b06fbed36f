<?php

declare(strict_types=1);

/*
 * A rollout of 2,000 tasks in the background: seconds until it is put down, made and taken back, and milliseconds that
 * edits of other tasks take alone and beside the making. Stopped on the way and taken up again. Prints JSON.
 */

use App\Models\Access\User;
use App\Models\People\Place;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutState;
use App\Rollouts\MakeRollout;
use App\Rollouts\StartRollout;
use App\Rollouts\SteerRollout;
use App\Rollouts\UndoRollout;
use Illuminate\Foundation\Application;
use OpenBaton\Core\Document\Node;

const LEAVES = 2_000;
const OTHERS = 300;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/measure.php';
require __DIR__ . '/edits.php';
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);
$user = User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();

/** A job goes on where it has left off, since there is no queue here that would bring it back. */
$untilOver = static function (MakeRollout|UndoRollout $job, string $id, RolloutState $state) use ($app): void {
    while (Rollout::query()->whereKey($id)->where('state', $state)->exists()) {
        $app->call([$job, 'handle']);
    }
};
if (($argv[1] ?? '') === 'make') {
    $id = (string) ($argv[2] ?? '');
    $untilOver(new MakeRollout($id), $id, RolloutState::Making);
    exit();
}

/** A region with twenty districts of a hundred schools each. */
$place = static fn(string $slug, ?Place $above): Place => Place::query()->firstOrCreate(
    ['slug' => $slug],
    ['name' => $slug, 'level' => $above === null ? 'region' : 'school', 'parent_id' => $above?->id],
);
$region = $place('bench-region', null);
for ($district = 0; $district < LEAVES / 100; ++$district) {
    $within = $place("bench-district-{$district}", $region);
    for ($school = 0; $school < 100; ++$school) {
        $place("bench-school-{$district}-{$school}", $within);
    }
}
$edit = editsOf($app, $user, 3 * OTHERS);
$making = static function (Rollout $rollout): mixed {
    return proc_open([PHP_BINARY, '-d', 'memory_limit=1G', __FILE__, 'make', $rollout->id], [], $pipes) ?:
        throw new RuntimeException('No process.');
};

$alone = array_map($edit, range(1, OTHERS));
$rollout = null;
$put = secondsOf(static function () use ($app, $region, $user, &$rollout): void {
    $rollout = $app->make(StartRollout::class)(
        Node::root([
            'name' => 'Of the benchmark',
            'tree' => 'places',
            'branches' => [$region->id],
            'levels' => [],
            'without' => [],
            'task_kind' => 'stock-count',
            'title' => 'Count of ~node.name~',
            'holder' => 'responsible',
        ]),
        $user,
    );
});
if (!($rollout instanceof Rollout)) {
    throw new RuntimeException('There is no rollout.');
}
$steer = $app->make(SteerRollout::class);
$made = static fn(): int => $rollout->nodes()->where('state', NodeState::Made)->count();
$begin = hrtime(true);
$process = $making($rollout);
$beside = array_map($edit, range(1, OTHERS));
// Stopped on the way, and taken up again by another process.
$steer->stop($rollout->refresh(), $user);
while (proc_get_status($process)['running']) {
    usleep(2_000);
}
$stopped = $made();
$steer->goOn($rollout->refresh(), $user);
$process = $making($rollout);
while (proc_get_status($process)['running']) {
    usleep(2_000);
}
$took = (hrtime(true) - $begin) / 1e9;
$all = $made();
$steer->takeBack($rollout->refresh(), $user);
$undone = secondsOf(
    static fn() => $untilOver(new UndoRollout($rollout->id, $user->id), $rollout->id, RolloutState::Undoing),
);
echo json_encode([
    'put' => round($put, 2),
    'stopped_at' => $stopped,
    'made' => $all,
    'seconds' => round($took, 1),
    'undone' => $rollout->nodes()->where('state', NodeState::TakenBack)->count(),
    'undo_seconds' => round($undone, 1),
    'edit' => round(median($alone), 2),
    'edit_beside' => round(median($beside), 2),
    'edit_beside_slowest' => round(max($beside), 1),
]),
    "\n";
