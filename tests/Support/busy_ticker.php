<?php

declare(strict_types=1);

// Looks at the clock again and again, until it is killed.

use Illuminate\Contracts\Console\Kernel;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
while (true) {
    $kernel->call('baton:tick');
    // What a process remembers of the house it remembers for one tick.
    $app->forgetScopedInstances();
}
