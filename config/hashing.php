<?php

declare(strict_types=1);

// What is not said here is as the framework has it.
return [
    'driver' => 'bcrypt',
    'bcrypt' => ['rounds' => (int) env('BCRYPT_ROUNDS', 12), 'verify' => true, 'limit' => null],
];
