<?php

declare(strict_types=1);

// Does what requests do, until it is killed: tasks come in, are begun, and are talked about.

use App\Access\Speaker;
use App\Tasks\CommentOn;
use App\Tasks\StartTask;
use Illuminate\Contracts\Console\Kernel;
use Tests\Support\House;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$lead = House::user('hanneke');
while (true) {
    $task = House::arrive();
    $app->make(StartTask::class)($task, $lead);
    $app->make(CommentOn::class)($task->refresh(), 'Under way.', [], Speaker::user($lead));
}
