<?php

declare(strict_types=1);

/*
 * Lists, choosers and previews of tables in the demo house, and with 20,000
 * customers in 5,000 places and 50,000 open tasks: milliseconds of the whole
 * request, the median of some, in one process. Prints JSON. Runs after tick.php,
 * which leaves the tasks there.
 */

use App\House\PlaceReader;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\House\TableImport;
use App\Models\People\Place;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Tables\RunImport;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/request.php';
$user = User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();

/** @return list<string> ids of 5,000 places, or as many as are missing, that lie in no other place */
function fillWithPlaces(): array
{
    $levels = array_keys(PlaceReader::levels());
    $new = static fn(string $name, int $depth, ?string $in): array => [
        'id' => (new Place())->newUniqueId(),
        'slug' => strtolower(str_replace(' ', '-', $name)),
        'name' => $name,
        'level' => $levels[$depth],
        'parent_id' => $in,
    ];
    $all = [[], [], []];
    foreach (range(1, 20) as $region) {
        $all[0][] = $top = $new("Region {$region}", 0, null);
        foreach (range(1, 24) as $district) {
            $all[1][] = $middle = $new("District {$region} {$district}", 1, $top['id']);
            foreach (range(1, 10) as $school) {
                $all[2][] = $new("School {$region} {$district} {$school}", 2, $middle['id']);
            }
        }
    }
    foreach ($all as $layer) {
        foreach (array_chunk($layer, 500) as $rows) {
            Place::query()->insert($rows);
        }
    }
    House::query()->increment('roster_revision');

    return array_column($all[2], 'id');
}

/** @param list<string> $placeIds */
function fillWithCustomers(array $placeIds, int $number): void
{
    foreach (array_chunk(range(1, $number), 500) as $piece) {
        Customer::query()->insert(
            array_map(
                static fn(int $one): array => [
                    'id' => (new Customer())->newUniqueId(),
                    'slug' => "customer-{$one}",
                    'name' => "Customer {$one}",
                    'place_id' => $placeIds[$one % count($placeIds)],
                ],
                $piece,
            ),
        );
    }
    House::query()->increment('customer_revision');
}

/** @param Closure(int): string $line */
function sheet(string $heading, Closure $line, int $lines): string
{
    return "{$heading}\n" . implode("\n", array_map($line, range(1, $lines))) . "\n";
}

function preview(string $what, string $sheet): Request
{
    return Request::create(
        "/imports/{$what}/preview",
        'POST',
        [],
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json'],
        $sheet,
    );
}

const PAGES = [
    'tasks' => '/tasks',
    'tasks by a filter, grouped' => '/tasks?group=kind&sort=due&holder=femi-adeyinka',
    'tasks in groups' => '/tasks?group=kind',
    'tasks by customer' => '/tasks?sort=customer&down=1',
    'the customers' => '/customers',
    'a customer found' => '/customers?q=customer',
    'the places' => '/places',
    'a place found' => '/places?q=1',
    'a place chosen' => '/places/choices?q=s',
    'a customer chosen' => '/tasks/new/customers?q=c',
    'people' => '/people',
    'the rulebook' => '/rulebook',
    'what is in hand' => '/in-hand',
    'the guides' => '/guides',
    'the outbox' => '/outbox',
    'a new task' => '/tasks/new',
];

$measure = static fn(): array => array_map(
    static fn(string $path): float => milliseconds($app, $user, static fn(): Request => Request::create($path)),
    PAGES,
);
$figures = ['few' => [], 'many' => []];
// The tasks of the tick are there already; here they are hidden from the list.
Task::query()
    ->where('title', 'Open task')
    ->update(['status' => 'done']);
$figures['few'] = $measure();
Task::query()
    ->where('title', 'Open task')
    ->update(['status' => 'new']);
fillWithCustomers(fillWithPlaces(), 20_000);
$figures['many'] = $measure();
$figures['last_page'] = milliseconds(
    $app,
    $user,
    static fn(): Request => Request::create('/tasks?page=' . intdiv(Task::query()->open()->count(), 100)),
);
$kind = TaskKind::query()->firstOrFail()->slug;
$tasks = static fn(int $lines): Request => preview(
    'tasks',
    sheet('title,kind,customer', static fn(int $one): string => "Task {$one},{$kind},Customer {$one}", $lines),
);
$customers = static fn(int $lines): Request => preview(
    'customers',
    sheet('name,place', static fn(int $one): string => "Another {$one},School " . (($one % 20) + 1) . ' 1 1', $lines),
);
foreach (['tasks' => $tasks, 'customers' => $customers] as $what => $request) {
    foreach ([500, 5_000] as $lines) {
        House::query()->increment('customer_revision');
        $begin = hrtime(true);
        milliseconds($app, $user, static fn(): Request => $request($lines), 1);
        $figures["{$what}_{$lines}"] = round((hrtime(true) - $begin) / 1e6);
    }
}
$import = TableImport::query()->create([
    'kind' => 'customers',
    'user_id' => $user->id,
    'rows' => array_map(
        static fn(int $one): array => ['line' => $one, 'document' => ['name' => "Brought {$one}", 'tier' => 'school']],
        range(1, 500),
    ),
    'total' => 500,
    'begun_at' => now(),
]);
$begin = hrtime(true);
$app->call([new RunImport($import->id), 'handle']);
$figures['brought_in'] = round(500 / ((hrtime(true) - $begin) / 1e9));
echo json_encode($figures), "\n";
