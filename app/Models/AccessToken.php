<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Laravel\Sanctum\PersonalAccessToken;
use stdClass;

/** A personal token of a system or a person. */
final class AccessToken extends PersonalAccessToken
{
    use BootsByName;

    /** Seconds. */
    private const KEPT_TO = 60;

    private const WITH_USER = <<<'SQL'
        SELECT token.*, user.id AS user_id, user.name AS user_name, user.email AS user_email, user.password AS user_password,
            user.remember_token AS user_remember_token, user.created_at AS user_created_at, user.updated_at AS user_updated_at
        FROM personal_access_tokens AS token JOIN users AS user ON user.id = token.tokenable_id
        WHERE token.tokenable_type = ? AND token.id = ?
        SQL;

    protected $table = 'personal_access_tokens';

    /**
     * The token, with whose it is, by one query: every request of a system begins with it.
     *
     * @param string $token its number, a bar and its secret
     */
    public static function findToken($token): ?static
    {
        [$id, $secret] = [...explode('|', $token, 2), ''];
        $row = DB::selectOne(self::WITH_USER, [User::class, $id]);
        if (! $row instanceof stdClass || ! hash_equals((string) $row->token, hash('sha256', $secret))) {
            return null;
        }
        self::used((int) $row->id, $row->last_used_at);
        $of = ['token' => [], 'user' => []];
        foreach ((array) $row as $column => $value) {
            if (str_starts_with($column, 'user_')) {
                $of['user'][substr($column, 5)] = $value;
            } else {
                $of['token'][$column] = $value;
            }
        }

        return (new self())->newFromBuilder($of['token'])->setRelation('tokenable', (new User())->newFromBuilder($of['user']));
    }

    /** When it was last used is kept to the minute: a busy system's requests need not wait for each other to write it. */
    private static function used(int $id, ?string $before): void
    {
        $now = CarbonImmutable::now();
        if ($before === null || strtotime("{$before} UTC") <= $now->getTimestamp() - self::KEPT_TO) {
            DB::table('personal_access_tokens')->where('id', $id)->update(['last_used_at' => $now]);
        }
    }
}
