<?php

declare(strict_types=1);

// What is not said here is as the framework has it. Nothing of what people or systems send is logged: see App\Logging.
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/openbaton.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => (int) env('LOG_DAYS', 14),
            'permission' => 0o640,
        ],
    ],
];
