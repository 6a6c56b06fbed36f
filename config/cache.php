<?php

declare(strict_types=1);

// What is kept is named by what it was made from, so that no machine needs to know what another keeps.
return [
    'default' => env('CACHE_STORE', 'apc'),
    'stores' => [
        // The memory that the processes of one web server share (APCu).
        'apc' => ['driver' => 'apc', 'events' => false],
        'file' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/data'),
            'lock_path' => storage_path('framework/cache/data'),
        ],
        // Locks that processes of all kinds see: of the queue and the scheduler.
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'baton-',
];
