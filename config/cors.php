<?php

declare(strict_types=1);

// Pages of other origins read answers of the API only where they are named here.
return [
    'paths' => ['api/*'],
    'allowed_methods' => ['GET', 'POST'],
    'allowed_origins' => array_values(array_filter(explode(',', (string) env('BATON_ORIGINS', '')))),
    'allowed_origins_patterns' => [],
    'allowed_headers' => ['Accept', 'Authorization', 'Content-Type', 'Idempotency-Key'],
    'exposed_headers' => ['Location', 'Idempotent-Replayed', 'Retry-After'],
    'max_age' => 600,
    'supports_credentials' => false,
];
