<?php

declare(strict_types=1);

return [
    'mailers' => [
        // Keeps what it is given, for the page of the stand-ins.
        'stand-in' => ['transport' => 'stand-in'],
    ],
];
