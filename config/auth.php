<?php

declare(strict_types=1);

use App\Models\Access\User;

return [
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
];
