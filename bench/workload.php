<?php

declare(strict_types=1);

/*
 * Floor, calendar and figures of 500 people with 50,000 open tasks: milliseconds and kilobytes of the whole request,
 * beside those of reading the work alone; what a lane would become; the foresight. In one process. Prints JSON. Runs
 * after morning.php, which leaves the people and their tasks there.
 */

use App\Bridge\Houses;
use App\Bridge\WorkReader;
use App\Figures\WorkOutFigures;
use App\Foresight\WorkOutForesight;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

const PATHS = [
    '/floor',
    '/floor?weeks=4&sort=over',
    '/floor?group=skill&only=room',
    '/floor?person=bench-7',
    '/calendar?all=1&by=month',
    '/calendar?all=1&by=week',
    '/calendar?all=1&by=day',
    '/calendar?person=bench-7&by=month',
    '/figures?by=team',
    '/figures?by=week&weeks=26',
];

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/request.php';
$user = User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();
$page = static fn(string $path): Closure => static fn(): Request => Request::create($path);
$house = $app->make(Houses::class)->now()->snapshot;
$timed = static function (Closure $do): float {
    $begin = hrtime(true);
    $do();

    return (hrtime(true) - $begin) / 1e6;
};
$read = [];
for ($time = 0; $time < 3; ++$time) {
    $read[] = $timed(static fn() => WorkReader::ofEverybody($house));
}
$floors = [];
$figures = $timed(static fn() => $app->call((new WorkOutFigures())->handle(...)));
foreach (PATHS as $path) {
    $floors[$path] = milliseconds($app, $user, $page($path), 3);
}
$app->forgetScopedInstances();
Auth::guard('web')->setUser($user);
DB::enableQueryLog();
$whole = $app->make(Kernel::class)->handle(Request::create('/floor'));
$queries = count(DB::getQueryLog());
DB::disableQueryLog();
$tasks = Task::query()->where('title', 'Open task')->limit(1)->pluck('id')->all();
$people = Person::query()->where('slug', 'like', 'bench-%')->limit(40)->pluck('slug')->all();
$preview = static fn(): Request => Request::create(
    '/floor/preview',
    'POST',
    server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
    content: json_encode(['tasks' => $tasks, 'people' => $people], JSON_THROW_ON_ERROR),
);
echo json_encode(
    [
        'people' => Person::query()->where('active', true)->count(),
        'tasks' => Task::query()->open()->count(),
        'read' => min($read),
        'floors' => $floors,
        'kilobytes' => strlen((string) $whole->getContent()) / 1024,
        'queries' => $queries,
        'preview' => milliseconds($app, $user, $preview, 3),
        'figures' => $figures,
        'foresight' => $timed(static fn() => $app->call((new WorkOutForesight())->handle(...))),
    ],
    JSON_THROW_ON_ERROR,
);
