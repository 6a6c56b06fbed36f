<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Laravel\Sanctum\PersonalAccessToken;

/** A personal token of a system or a person. */
final class AccessToken extends PersonalAccessToken
{
    use BootsByName;

    protected $table = 'personal_access_tokens';
}
