<?php

declare(strict_types=1);

/*
 * The rulebook's page and the saving of its draft, with few and many recorded
 * decisions and with a rulebook of 2,000 rules: milliseconds of the whole
 * request, the median of some, in one process. Prints JSON.
 */

use App\Access\Actor;
use App\Coverage\CoverageRuns;
use App\Coverage\WorkOutCoverage;
use App\Models\Access\User;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/request.php';
$user = User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();

/** Copies tasks with their decisions until there are so many. */
function fillUpTo(int $decisions): void
{
    $have = Decision::query()->count();
    $tasks = Task::query()->latest('number')->limit(200)->toBase()->get();
    while ($have < $decisions) {
        $rows = $records = [];
        foreach ($tasks as $task) {
            $decision = Decision::query()->where('task_id', $task->id)->toBase()->first();
            if ($decision === null || $have + count($rows) >= $decisions) {
                continue;
            }
            $id = (new Task())->newUniqueId();
            $now = now()->format('Y-m-d H:i:s');
            $rows[] =
                ['id' => $id, 'arrived_at' => $now, 'status' => 'done', 'completed_at' => $now] +
                array_diff_key((array) $task, ['number' => 1, 'key' => 1, 'key_user_id' => 1, 'key_hash' => 1]);
            $records[] = ['id' => (new Decision())->newUniqueId(), 'task_id' => $id, 'at' => $now] + (array) $decision;
        }
        Task::query()->insert($rows);
        Decision::query()->insert($records);
        $have += count($rows);
    }
}

/** @param list<mixed> $rules of which one is changed each time */
function save(array $rules): Request
{
    $rules[0] = ['name' => 'Changed ' . hrtime(true)] + (is_array($rules[0]) ? $rules[0] : []);
    $body = (string) json_encode(['rules' => $rules, 'revision' => LockedDraft::revision()]);

    return Request::create(
        '/rulebook/draft',
        'PUT',
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        $body,
    );
}

/** @return list<array<string, mixed>> copies of a rule for as many titles */
function manyRules(int $number): array
{
    $rules = [];
    for ($rule = 0; $rule < $number; ++$rule) {
        $rules[] = [
            'id' => "many-{$rule}",
            'name' => "Rule {$rule}",
            'when' => [['kind' => 'task_arrives']],
            'if' => [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
                    ['field' => 'task.title', 'op' => 'contains', 'value' => "Title {$rule}"],
                ],
            ],
            'give' => [
                'pool' => ['kind' => 'team', 'team' => 'brass-bench'],
                'method' => ['kind' => 'lightest_load'],
                'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 6]],
            ],
            'then' => [['kind' => 'due_in', 'after' => 'P3D']],
        ];
    }

    return $rules;
}

$page = static fn(): Request => Request::create('/rulebook');
$coverage = static fn(): Request => Request::create('/rulebook/coverage');
/** @var list<mixed> $rules */
$rules = RulebookVersion::query()->published()->firstOrFail()->rules;
$figures = [];
foreach ([500, 50_000] as $decisions) {
    fillUpTo($decisions);
    $run = CoverageRuns::forPublished(RulebookVersion::query()->published()->firstOrFail());
    $begin = hrtime(true);
    $app->call([new WorkOutCoverage($run->id), 'handle']);
    $figures["worked_out_{$decisions}"] = round((hrtime(true) - $begin) / 1e6);
    $figures["page_{$decisions}"] = milliseconds($app, $user, $page);
    $figures["coverage_{$decisions}"] = milliseconds($app, $user, $coverage);
    $figures["save_{$decisions}"] = milliseconds($app, $user, static fn(): Request => save($rules));
}
$many = manyRules(2000);
$figures['save_2000_rules'] = milliseconds($app, $user, static fn(): Request => save($many));
$saved = $app->make(SaveDraft::class)($many, LockedDraft::revision(), Actor::user($user));
$app->make(PublishDraft::class)($saved->revision, null, Actor::user($user));
$figures['page_2000_rules'] = milliseconds($app, $user, $page);
$figures['memory'] = intdiv(memory_get_peak_usage(true), 1 << 20);
echo json_encode($figures), "\n";
