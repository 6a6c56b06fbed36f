<?php

declare(strict_types=1);

use Spatie\Permission\Models\Permission;
use Spatie\Permission\Models\Role;

// People have roles; what a role may do is for the policies to say, so that permissions are not looked up.
return [
    'models' => ['permission' => Permission::class, 'role' => Role::class],
    'register_permission_check_method' => false,
];
