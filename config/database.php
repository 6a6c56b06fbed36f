<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '33917'),
            'database' => env('DB_DATABASE', 'openbaton'),
            'username' => env('DB_USERNAME', 'openbaton'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            // A read after a lock must see what was committed while waiting for it.
            'isolation_level' => 'READ COMMITTED',
            'timezone' => '+00:00',
            // Statements are prepared by the server, and one statement is one: what stands in a value can't become a
            // second.
            'options' => [
                PDO::ATTR_EMULATE_PREPARES => false,
                PDO::ATTR_STRINGIFY_FETCHES => false,
                PDO::MYSQL_ATTR_MULTI_STATEMENTS => false,
            ],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
