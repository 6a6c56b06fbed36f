<?php

declare(strict_types=1);

// Looks at the clock once, when everybody is there; prints how much has happened. Second: what looks, else timers.

use App\Clock\FireTimers;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Console\Kernel;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

usleep((int) max(0, ((float) $argv[1] - microtime(true)) * 1_000_000));
echo $app->make($argv[2] ?? FireTimers::class)(CarbonImmutable::now());
