<?php

declare(strict_types=1);

// What is not said here is as the framework has it.
return [
    // Sessions are listed and ended in the application, and known to all nodes.
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => (int) env('SESSION_LIFETIME', 240),
    'same_site' => 'lax',
    'http_only' => true,
];
