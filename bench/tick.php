<?php

declare(strict_types=1);

/*
 * A tick of the clock over 50,000 open tasks, with few and with many rules
 * that go by dates: milliseconds where nothing is due, and where the due dates
 * of some tasks are reached; the median of some, in one process. Prints JSON.
 */

use App\Access\Actor;
use App\Clock\WorkOutNextMoments;
use App\Models\Access\User;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use OpenBaton\Core\Workload\TaskStatus;

const TICKS = 15;
const OPEN_TASKS = 50_000;
const DUE_AT_A_TICK = 10;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);
$actor = Actor::user(User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail());

/** Copies a task until so many are open; they are due in a hundred days. */
function fillWithOpenTasks(int $number): void
{
    $known = (array) Task::query()
        ->where('status', TaskStatus::New)
        ->whereNotNull('assignee_id')
        ->latest('number')
        ->toBase()
        ->first();
    $at = static fn(int $days): string => now()->addDays($days)->format('Y-m-d H:i:s');
    $common =
        [
            'status' => 'new',
            'completed_at' => null,
            'arrived_at' => $at(-1),
            'due_at' => $at(100),
            'wakes_at' => null,
            'next_moment_at' => null,
            'made_by_id' => null,
            'title' => 'Open task',
        ] + array_diff_key($known, ['number' => 1, 'key' => 1, 'key_user_id' => 1, 'key_hash' => 1]);
    for ($have = Task::query()->open()->count(); $have < $number; $have += 500) {
        $rows = [];
        for ($row = 0; $row < 500; ++$row) {
            $rows[] = ['id' => (new Task())->newUniqueId()] + $common;
        }
        Task::query()->insert($rows);
    }
}

/**
 * @return list<array<string, mixed>> all concern every task; the first acts when its due date is reached, the others
 *     later and later
 */
function dateRules(int $number): array
{
    $rules = [];
    foreach (range(0, $number - 1) as $rule) {
        $rules[] = [
            'id' => "date-{$rule}",
            'name' => "Date rule {$rule}",
            'when' => [['kind' => 'date_reached', 'field' => 'task.due', 'offset' => '+' . $rule * 7 . ' hours']],
            'if' => ['field' => 'task.title', 'op' => 'contains', 'value' => 'open'],
            'then' => [['kind' => 'tag', 'tag' => "reached {$rule}"]],
        ];
    }

    return $rules;
}

function tick(Application $app, int $at): float
{
    Carbon::setTestNow(Carbon::createFromTimestampUTC($at));
    CarbonImmutable::setTestNow(CarbonImmutable::createFromTimestampUTC($at));
    $begin = hrtime(true);
    $app->make(Kernel::class)->call('baton:tick');

    return (hrtime(true) - $begin) / 1e6;
}

/** @param list<float> $of */
function middle(array $of): float
{
    sort($of);

    return round($of[intdiv(count($of), 2)], 1);
}

fillWithOpenTasks(OPEN_TASKS);
$figures = [];
$at = CarbonImmutable::now()->getTimestamp();
foreach ([50, 1000] as $number) {
    $saved = $app->make(SaveDraft::class)(dateRules($number), LockedDraft::revision(), $actor);
    $app->make(PublishDraft::class)($saved->revision, null, $actor);
    $begin = hrtime(true);
    $app->call([new WorkOutNextMoments($at), 'handle']);
    $figures["hung_{$number}"] = round((hrtime(true) - $begin) / 1e6);
    $idle = $busy = [];
    for ($tick = 0; $tick <= TICKS; ++$tick) {
        $at += 60;
        $idle[] = tick($app, $at);
        $at += 60;
        // As if they had been due then all along.
        $due = Task::query()
            ->where('title', 'Open task')
            ->where('due_at', '>', CarbonImmutable::createFromTimestampUTC($at + 86400))
            ->limit(DUE_AT_A_TICK)
            ->pluck('id');
        Task::query()
            ->whereKey($due)
            ->update([
                'due_at' => CarbonImmutable::createFromTimestampUTC($at),
                'next_moment_at' => CarbonImmutable::createFromTimestampUTC($at),
            ]);
        $busy[] = tick($app, $at);
        if (Decision::query()->where('event', 'date_reached')->whereIn('task_id', $due)->count() !== DUE_AT_A_TICK) {
            throw new RuntimeException('What was due has not happened, or more than that has.');
        }
    }
    // The first of each warms up.
    $figures["idle_{$number}"] = middle(array_slice($idle, 1));
    $figures["busy_{$number}"] = middle(array_slice($busy, 1));
}
echo json_encode($figures), "\n";
