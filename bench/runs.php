<?php

declare(strict_types=1);

/*
 * The clock for runs of runsheets, of which 100 and then 10,000 go on: milliseconds of a look where nothing is due, and
 * where ten are, one after another; the median of some, in one process. Prints JSON.
 */

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Runsheets\Runsheet;
use App\Runsheets\KeepRuns;
use App\Runsheets\SaveRunsheet;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;
use OpenBaton\Core\Document\Node;

const LOOKS = 9;
const DUE_AT_A_LOOK = 10;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/measure.php';
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);

/** A runsheet of nothing with one wait after another, so that what is measured is the run and not what it makes. */
function waitsOnly(Application $app): Runsheet
{
    $wait = static fn(string $key): array => [
        'key' => $key,
        'name' => $key,
        'does' => ['kind' => 'wait_for', 'span' => 'PT40H'],
    ];
    $by = Actor::user(User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail());
    $save = $app->make(SaveRunsheet::class);
    $sheet = $save->draft(
        Node::root([
            'openbaton' => 'runsheet/1',
            'id' => 'bench-waits',
            'name' => 'Waits of the benchmark',
            'about' => 'house',
            'does' => ['key' => 'all', 'one_after_another' => array_map($wait, ['first', 'then', 'last'])],
        ]),
        $by,
    );
    $save->publish($sheet, $sheet->revision, $by);
    $app->forgetScopedInstances();

    return $sheet->refresh();
}

/** Until so many of the runsheet are at their first wait, which is over in a hundred days. */
function fillWithRuns(Runsheet $sheet, int $number): void
{
    $now = CarbonImmutable::now()->format('Y-m-d H:i:s');
    $over = CarbonImmutable::now()->addDays(100)->format('Y-m-d H:i:s');
    for ($have = Run::query()->running()->count(); $have < $number; $have += 100) {
        $runs = $blocks = [];
        for ($row = 0; $row < 100; ++$row) {
            $id = (new Run())->newUniqueId();
            $runs[] = [
                'id' => $id,
                'runsheet_id' => $sheet->id,
                'version_id' => $sheet->published_id,
                'state' => 'running',
                'started_at' => $now,
                'wakes_at' => $over,
            ];
            $blocks[] = [
                'run_id' => $id,
                'key' => 'first',
                'round' => 1,
                'state' => 'open',
                'reached_at' => $now,
                'wakes_at' => $over,
            ];
        }
        Run::query()->insert($runs);
        RunBlock::query()->insert($blocks);
    }
}

/** @return float milliseconds */
function looked(Application $app): float
{
    $app->forgetScopedInstances();
    $begin = hrtime(true);
    $app->make(KeepRuns::class)(CarbonImmutable::now());

    return (hrtime(true) - $begin) / 1e6;
}

$sheet = waitsOnly($app);
$figures = [];
foreach ([100, 10_000] as $number) {
    fillWithRuns($sheet, $number);
    // The first is not counted: it compiles what the others use.
    looked($app);
    $idle = $busy = [];
    for ($look = 0; $look < LOOKS; ++$look) {
        $idle[] = looked($app);
        $due = Run::query()
            ->where('runsheet_id', $sheet->id)
            ->where('wakes_at', '>', CarbonImmutable::now()->addDays(90))
            ->limit(DUE_AT_A_LOOK)
            ->pluck('id');
        Run::query()
            ->whereKey($due)
            ->update(['wakes_at' => CarbonImmutable::now()]);
        RunBlock::query()
            ->whereIn('run_id', $due)
            ->where('key', 'first')
            ->update(['reached_at' => CarbonImmutable::now()->subDays(60), 'wakes_at' => CarbonImmutable::now()]);
        $busy[] = looked($app);
        $moved = RunBlock::query()->whereIn('run_id', $due)->where('key', 'then')->where('state', 'open')->count();
        if ($moved !== DUE_AT_A_LOOK) {
            throw new RuntimeException("{$moved} runs have gone on.");
        }
    }
    $figures["idle_{$number}"] = round(median($idle), 2);
    $figures["busy_{$number}"] = round(median($busy), 2);
}
echo json_encode($figures), "\n";
