<?php

declare(strict_types=1);

// The API is for systems with a token; whoever is signed in to the pages uses the pages.
return [
    'stateful' => [],
    'guard' => [],
    'expiration' => null,
    // Its one route is for pages of other origins.
    'routes' => false,
    'token_prefix' => 'baton_',
    // AccessToken keeps it itself, to the minute.
    'last_used_at' => false,
];
