<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use DateTimeInterface;
use Laravel\Sanctum\PersonalAccessToken;

/** A personal token of a system or a person. */
final class AccessToken extends PersonalAccessToken
{
    use BootsByName;

    private const KEPT_TO = 60;

    protected $table = 'personal_access_tokens';

    /** When it was last used is kept to the minute: a busy system's requests need not wait for each other to write it. */
    public function save(array $options = []): bool
    {
        $before = $this->getOriginal('last_used_at');
        if (array_keys($this->getDirty()) === ['last_used_at'] && $before instanceof DateTimeInterface && time() - $before->getTimestamp() < self::KEPT_TO) {
            return true;
        }

        return parent::save($options);
    }
}
