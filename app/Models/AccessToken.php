<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\MorphTo;
use Laravel\Sanctum\PersonalAccessToken;

/** A personal token of a system or a person. */
final class AccessToken extends PersonalAccessToken
{
    use BootsByName;

    /** Seconds. */
    private const KEPT_TO = 60;

    protected $table = 'personal_access_tokens';

    /**
     * The token, with whose it is.
     *
     * @param string $token its number, a bar and its secret
     */
    public static function findToken($token): ?static
    {
        [$id, $secret] = [...explode('|', $token, 2), ''];
        $found = self::query()->with(['tokenable' => self::withWhatTheyMay(...)])->whereKey($id)->first();
        if ($found === null || ! hash_equals($found->token, hash('sha256', $secret))) {
            return null;
        }
        $found->touchUse();

        return $found;
    }

    /**
     * Whether the owner leads is asked for in the same query: each request wants to know.
     *
     * @param MorphTo<Model, self> $owner
     */
    private static function withWhatTheyMay(MorphTo $owner): void
    {
        $owner->constrain([User::class => static fn(Builder $users): Builder => $users->withExists([
            'roles as '.User::LEADS => static fn(Builder $roles): Builder => $roles->whereIn('name', User::LEADING_ROLES),
        ])]);
    }

    /** When it was last used is kept to the minute: a busy system's requests need not wait for each other to write it. */
    private function touchUse(): void
    {
        $now = CarbonImmutable::now();
        if ($this->last_used_at === null || $this->last_used_at <= $now->subSeconds(self::KEPT_TO)) {
            self::query()->whereKey($this->id)->update(['last_used_at' => $now]);
        }
    }
}
