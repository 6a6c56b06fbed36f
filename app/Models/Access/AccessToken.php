<?php

declare(strict_types=1);

namespace App\Models\Access;

use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Laravel\Sanctum\PersonalAccessToken;

/** A personal token of a system or a person. */
final class AccessToken extends PersonalAccessToken
{
    use BootsByName;

    /** Seconds. */
    private const KEPT_TO = 60;

    private const COLUMNS = [
        'id',
        'tokenable_type',
        'tokenable_id',
        'name',
        'token',
        'abilities',
        'last_used_at',
        'expires_at',
        'created_at',
    ];

    /** Before the names of the token's own columns, where they stand beside its owner's. */
    private const OWN = 'own_';

    protected $table = 'personal_access_tokens';

    /**
     * The token, with whose it is.
     *
     * @param string $token its number, a bar and its secret
     */
    public static function findToken($token): ?static
    {
        [$id, $secret] = [...explode('|', $token, 2), ''];
        $found = self::withOwner($id);
        if ($found === null || !hash_equals($found->token, hash('sha256', $secret)) || !$found->isOfSomebodyWelcome()) {
            return null;
        }
        $found->touchUse();

        return $found;
    }

    private function isOfSomebodyWelcome(): bool
    {
        $owner = $this->getRelation('tokenable');

        return $owner instanceof User && $owner->maySignIn();
    }

    /**
     * Whose it is, whether they lead and whether they are still here come in one round trip: each request wants to
     * know.
     */
    private static function withOwner(string $id): ?static
    {
        $token = new self();
        $row = User::query()
            ->withExists([
                'roles as ' . User::LEADS => static fn(Builder $roles): Builder => $roles->whereIn(
                    'name',
                    User::LEADING_ROLES,
                ),
            ])
            ->withExists(['person as ' . User::GONE => Person::formerMembers(...)])
            ->join($token->getTable(), 'tokenable_id', '=', 'users.id')
            ->where('tokenable_type', (new User())->getMorphClass())
            ->where($token->getQualifiedKeyName(), $id)
            ->addSelect(
                array_map(
                    static fn(string $column): string => "{$token->qualifyColumn($column)} as " . self::OWN . $column,
                    self::COLUMNS,
                ),
            )
            ->toBase()
            ->first();
        if ($row === null) {
            return null;
        }
        /** @var array<string, mixed> $columns */
        $columns = (array) $row;
        $own = $owner = [];
        foreach ($columns as $name => $value) {
            if (str_starts_with($name, self::OWN)) {
                $own[substr($name, strlen(self::OWN))] = $value;
            } else {
                $owner[$name] = $value;
            }
        }

        return $token->newFromBuilder($own)->setRelation('tokenable', (new User())->newFromBuilder($owner));
    }

    /**
     * When it was last used is kept to the minute: a busy system's requests need not wait for each other to write it.
     */
    private function touchUse(): void
    {
        $now = CarbonImmutable::now();
        if ($this->last_used_at === null || $this->last_used_at <= $now->subSeconds(self::KEPT_TO)) {
            self::query()
                ->whereKey($this->id)
                ->update(['last_used_at' => $now]);
        }
    }
}
