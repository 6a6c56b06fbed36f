<?php

declare(strict_types=1);

// Makes the tasks of a rollout when everybody is there. First: when that is; second: its id.

use App\Rollouts\MakeRollout;
use Illuminate\Contracts\Console\Kernel;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

usleep((int) max(0, ((float) $argv[1] - microtime(true)) * 1_000_000));
$app->call([new MakeRollout($argv[2]), 'handle']);
