<?php

declare(strict_types=1);

// Routes as many tasks as it is told, through the action that everything goes through.

use Illuminate\Contracts\Console\Kernel;
use Tests\Support\House;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

for ($left = (int) $argv[1]; $left > 0; --$left) {
    House::arrive();
}
