<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Files of tasks. They lie beside the database, outside of all that is served.
        'files' => ['driver' => 'local', 'root' => env('BATON_DATA', base_path('.data')).'/files', 'throw' => true],
    ],
];
