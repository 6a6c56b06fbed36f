<?php

declare(strict_types=1);

// Boots the application for a benchmark's script and gives it.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
if (!($app instanceof Application)) {
    throw new RuntimeException('bootstrap/app.php gives the application.');
}
$app->make(Kernel::class)->bootstrap();

return $app;
