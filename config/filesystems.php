<?php

declare(strict_types=1);

return [
    'default' => 'files',
    'disks' => [
        // The framework adds this one, and routes that serve it, unless it is told otherwise.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],
        // Files of tasks. They lie beside the database, outside of all that is served.
        'files' => ['driver' => 'local', 'root' => env('BATON_DATA', base_path('.data')) . '/files', 'throw' => true],
    ],
];
