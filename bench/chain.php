<?php

declare(strict_types=1);

/*
 * A change that five decisions follow from, one after the other, against five
 * changes with one decision each: milliseconds until all is committed, the
 * median of some, in one process. Prints JSON.
 */

use App\Access\Actor;
use App\Intake\TakeInTask;
use App\Models\Access\User;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Decision;
use App\Models\Tasks\TaskSource;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Illuminate\Foundation\Application;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\TaskSubject;

const TIMES = 41;
const LINKS = 5;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);
$actor = Actor::user(User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail());

/** @return array<string, mixed> a rule that answers one tag with another */
function answering(string $tag, string $next): array
{
    return [
        'id' => "answer-{$tag}",
        'name' => "Answer {$tag}",
        'when' => [['kind' => 'tag_on', 'tags' => [$tag]]],
        'then' => [['kind' => 'tag', 'tag' => $next]],
    ];
}

/** @var list<array<string, mixed>> $rules */
$rules = array_values((array) RulebookVersion::query()->published()->firstOrFail()->rules);
for ($link = 1; $link <= LINKS; ++$link) {
    $rules[] = answering("chain {$link}", 'chain ' . ($link + 1));
    // What it puts on nobody listens to.
    $rules[] = answering("single {$link}", "answered {$link}");
}
$saved = $app->make(SaveDraft::class)($rules, LockedDraft::revision(), $actor);
$app->make(PublishDraft::class)($saved->revision, null, $actor);

$taskId = static fn(): string => $app->make(TakeInTask::class)(
    Node::root(['title' => 'Measured', 'kind' => 'stock-count']),
    TaskSource::ByHand,
    null,
)->task->id;
$tag = static fn(string $task, string $tag): mixed => $app->make(EditTask::class)(
    $task,
    null,
    new Edit('edited', static fn(TaskSubject $subject): TaskSubject => $subject->tagged($tag)),
    $actor,
);
$decisions = static fn(string $task): int => Decision::query()
    ->where('task_id', $task)
    ->where('event', 'tag_on')
    ->count();
$times = ['chain' => [], 'singles' => []];
for ($time = 0; $time <= TIMES; ++$time) {
    [$one, $other] = [$taskId(), $taskId()];
    $begin = hrtime(true);
    $tag($one, 'chain 1');
    $chain = hrtime(true) - $begin;
    $begin = hrtime(true);
    for ($link = 1; $link <= LINKS; ++$link) {
        $tag($other, "single {$link}");
    }
    $singles = hrtime(true) - $begin;
    if ($decisions($one) !== LINKS || $decisions($other) !== LINKS) {
        throw new RuntimeException("{$decisions($one)} and {$decisions($other)} decisions, not " . LINKS . ' each.');
    }
    // The first warms up.
    if ($time > 0) {
        $times['chain'][] = $chain / 1e6;
        $times['singles'][] = $singles / 1e6;
    }
}
echo json_encode(
    array_map(static function (array $of): float {
        sort($of);

        return round($of[intdiv(count($of), 2)], 1);
    }, $times),
),
    "\n";
