<?php

declare(strict_types=1);

// Answers the task of an approval with yes, once everybody is there; prints what came of it.

use App\Approvals\AnswerApproval;
use App\Models\Tasks\Task;
use App\Refusals\NotAnswered;
use Illuminate\Contracts\Console\Kernel;
use OpenBaton\Core\Flow\Vote;
use Tests\Support\House;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$task = Task::query()->findOrFail($argv[1]);
$by = House::user($argv[2]);
usleep((int) max(0, ((float) $argv[3] - microtime(true)) * 1_000_000));
try {
    echo $app->make(AnswerApproval::class)->vote($task, Vote::Yes, null, $by)->outcome?->value ?? 'counted';
} catch (NotAnswered) {
    echo 'too late';
}
