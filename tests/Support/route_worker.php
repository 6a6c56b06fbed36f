<?php

declare(strict_types=1);

// Routes as many tasks as it is told, through the action that everything goes through.

use App\Access\RequestKey;
use App\Intake\TakeInTask;
use App\Models\Tasks\TaskSource;
use Illuminate\Contracts\Console\Kernel;
use OpenBaton\Core\Document\Node;
use Tests\Support\House;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

// With a key, it is the same request each time, and the number of its task is printed.
$key = $argv[2] ?? null;
for ($left = (int) $argv[1]; $left > 0; --$left) {
    if ($key === null) {
        House::arrive();

        continue;
    }
    $tuba = Node::root(['title' => 'Tuba, sent twice', 'kind' => 'bench-repair']);
    echo $app->make(TakeInTask::class)(
    $tuba,
    TaskSource::Api,
    null,
    RequestKey::of(House::user('hanneke')->id, "{$key}-request-{$left}", 'Tuba, sent twice'),
)->task->number,
        "\n";
}
