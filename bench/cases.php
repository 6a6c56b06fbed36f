<?php

declare(strict_types=1);

/*
 * The list of cases, the river of a track and the page of a case in the demo
 * house, and with 100,000 cases and 500 tasks in the one: milliseconds of the
 * whole request, the median of some, in one process. Prints JSON.
 */

use App\Models\Access\User;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use App\Models\Cases\Track;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Workload\Priority;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/request.php';
$user = User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();
$track = Track::query()->with('published')->where('slug', 'hire')->firstOrFail();
$stages = array_map(
    static fn(Node $one): string => $one->get('key')->text(),
    Node::root($track->published->document ?? [])->itemsOf('stages'),
);

/**
 * Every tenth is open; each has stood in two stages.
 *
 * @param list<string> $stages keys
 */
function fillWithCases(Track $track, array $stages, int $number): void
{
    $customers = Customer::query()->limit(5_000)->pluck('id')->all();
    $people = Person::query()->pluck('id')->all();
    $now = CarbonImmutable::now();
    foreach (array_chunk(range(1, $number), 500) as $piece) {
        $cases = $stays = [];
        foreach ($piece as $one) {
            $place = 1 + ($one % (count($stages) - 1));
            $since = $now->subMinutes(($one * 37) % 400_000);
            $closed = $one % 10 === 0 ? null : $since->addHours(5);
            $cases[] = [
                'id' => ($id = (new CustomerCase())->newUniqueId()),
                'title' => "Case of the measure {$one}",
                'track_id' => $track->id,
                'stage' => $stages[$place],
                'stage_since' => $since,
                'opened_at' => $since->subHours(9),
                'closed_at' => $closed,
                'outcome' => $closed === null ? null : 'renewed',
                'customer_id' => $customers[$one % count($customers)],
                'owner_id' => $people[$one % count($people)],
                'facts' => '{}',
                'tags' => '[]',
            ];
            foreach ([1, 0] as $back) {
                $stays[] = [
                    'case_id' => $id,
                    'track_id' => $track->id,
                    'place' => 2 - $back,
                    'stage' => $stages[$place - $back],
                    'came_from' => $back === 1 ? null : $stages[$place - 1],
                    'entered_at' => $back === 1 ? $since->subHours(9) : $since,
                    'left_at' => $back === 1 ? $since : $closed,
                    'minutes' => $back === 1 ? 240 + ($one % 300) : ($closed === null ? null : 300),
                ];
            }
        }
        CustomerCase::query()->insert($cases);
        CaseStay::query()->insert($stays);
    }
}

/** So many tasks, half of them needed, a third of them done. */
function fillWithTasks(CustomerCase $case, int $number): void
{
    $kind = TaskKind::query()->firstOrFail();
    $holders = Person::query()->pluck('id')->all();
    $last = Task::query()->latest('number')->firstOrFail()->number;
    foreach (array_chunk(range(1, $number), 100) as $piece) {
        Task::query()->insert(
            array_map(
                static fn(int $one): array => [
                    'id' => (new Task())->newUniqueId(),
                    'number' => $last + $one,
                    'title' => "Task of the case {$one}",
                    'task_kind_id' => $kind->id,
                    'priority' => Priority::Normal,
                    'status' => $one % 3 === 0 ? 'done' : 'new',
                    'completed_at' => $one % 3 === 0 ? now() : null,
                    'assignee_id' => $holders[$one % count($holders)],
                    'case_id' => $case->id,
                    'case_stage' => $case->stage,
                    'needed' => $one % 2 === 0,
                    'source' => 'by_hand',
                    'arrived_at' => now(),
                    'facts' => '{}',
                    'tags' => '[]',
                ],
                $piece,
            ),
        );
    }
}

$case = CustomerCase::query()->where('track_id', $track->id)->open()->orderBy('number')->firstOrFail();
$pages = [
    'cases' => '/cases',
    'cases that stand too long' => '/cases?waits=late',
    'cases by customer' => '/cases?sort=customer',
    'a case found' => '/cases?q=measure',
    'cases that went on' => "/cases?track=hire&stage={$stages[0]}&moved=on&state=all",
    'the river of a track' => '/tracks/hire/river',
    'the page of a case' => "/cases/{$case->id}",
];
$measure = static fn(): array => array_map(
    static fn(string $path): float => milliseconds($app, $user, static fn(): Request => Request::create($path)),
    $pages,
);
$figures = ['few' => $measure()];
fillWithCases($track, $stages, 100_000);
fillWithTasks($case, 500);
$figures['many'] = $measure();
echo json_encode($figures), "\n";
