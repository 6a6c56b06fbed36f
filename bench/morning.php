<?php

declare(strict_types=1);

/*
 * The morning of 500 people who all want a summary, each with 100 of 50,000
 * open tasks and 20 news: milliseconds of telling 50 of them, and all; and what
 * the alerts of the house take. In one process. Prints JSON. Runs after tick.php,
 * which leaves the tasks there.
 */

use App\Alerts\WatchHouse;
use App\Models\Events\NewsChoice;
use App\Models\Events\Notice;
use App\Models\House\House;
use App\Models\Messages\Message;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Notices\TellNews;
use App\Reminders\TellDue;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;

const PEOPLE = 500;
const NEWS = 20;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);

$at = static function (CarbonImmutable $now): CarbonImmutable {
    Carbon::setTestNow(Carbon::instance($now->toDateTime()));
    CarbonImmutable::setTestNow($now);

    return $now;
};
// A Tuesday morning at which everybody works.
$now = CarbonImmutable::now('Europe/Dublin')->next('tuesday')->setTime(10, 30)->utc();

$known = Person::query()->where('slug', 'femi-adeyinka')->firstOrFail();
$people = [];
foreach (range(1, PEOPLE) as $number) {
    $person = $known->replicate(['user_id']);
    $person->fill([
        'slug' => "bench-{$number}",
        'name' => "Bench {$number}",
        'email' => "bench-{$number}@selwyn.example",
    ]);
    $person->save();
    $people[] = $person->id;
}
House::query()->increment('roster_revision');
$ids = Task::query()->where('title', 'Open task')->pluck('id')->all();
foreach (array_chunk($ids, max(1, intdiv(count($ids), PEOPLE))) as $place => $some) {
    foreach (array_chunk($some, 20) as $piece => $few) {
        Task::query()
            ->whereKey($few)
            ->update([
                'assignee_id' => $people[$place % PEOPLE],
                // One in five is late, one in five due today, the others later.
                'due_at' => $now->addHours(
                    match ($piece) {
                        0 => -20,
                        1 => 4,
                        default => 24 * 30 * $piece,
                    },
                ),
            ]);
    }
}
Notice::query()->delete();
NewsChoice::query()->delete();
foreach ($people as $place => $id) {
    $tasks = array_slice($ids, $place * 100, NEWS);
    Notice::query()->insert(
        array_map(
            static fn(mixed $task): array => [
                'id' => (new Notice())->newUniqueId(),
                'person_id' => $id,
                'task_id' => $task,
                'kind' => 'got',
                'at' => $now->subHours(12),
                'waits' => true,
            ],
            $tasks,
        ),
    );
}
$choose = static fn(array $of): bool => NewsChoice::query()->insert(
    array_map(
        static fn(mixed $id): array => [
            'person_id' => $id,
            'channels' => '{"summary":["mail"],"given":["mail"]}',
            'summed_at' => $now->subDay(),
        ],
        $of,
    ),
);
$timed = static function (Closure $do): float {
    $begin = hrtime(true);
    $do();

    return (hrtime(true) - $begin) / 1e6;
};
$tell = static function () use ($app, $now): void {
    $app->forgetScopedInstances();
    $app->make(TellNews::class)($now);
};
$at($now);
// What the house is like is known by then.
$tell();
Notice::query()->update(['waits' => true]);
Message::query()->delete();
$few = array_slice($people, 0, intdiv(PEOPLE, 10));
Notice::query()
    ->whereNotIn('person_id', $few)
    ->update(['waits' => false]);
$choose($few);
$figures = ['few' => $timed($tell), 'few_sent' => Message::query()->count()];
Message::query()->delete();
NewsChoice::query()->delete();
Notice::query()->update(['waits' => true]);
foreach (array_chunk($people, 100) as $some) {
    $choose($some);
}
$figures['all'] = $timed($tell);
$figures['all_sent'] = Message::query()->count();
$figures['quiet'] = $timed($tell);
$figures['due'] = $timed(static fn() => $app->make(TellDue::class)($now));
$figures['alerts'] = $timed(static fn() => $app->call([new WatchHouse(), 'handle']));
echo json_encode($figures, JSON_THROW_ON_ERROR), "\n";
