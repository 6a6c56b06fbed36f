<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Makes a token with which a system does some things in somebody's name, until a day. */
final class MakeAccessToken
{
    /**
     * @param list<TokenAbility> $abilities
     *
     * @return string the token, which only this answer knows: the database keeps a digest of it
     */
    public function __invoke(User $user, string $name, array $abilities, CarbonImmutable $until, Actor $by): string
    {
        return DB::transaction(static function () use ($user, $name, $abilities, $until, $by): string {
            $names = array_column($abilities, 'value');
            $made = $user->createToken($name, $names, $until);
            Audit::record($by, 'sign-in', 'token_made', "made the token {$name} for {$user->email}", $user, [
                'token' => $made->accessToken->getKey(),
                'abilities' => $names,
                'until' => $until->toIso8601String(),
            ]);

            return $made->plainTextToken;
        });
    }
}
