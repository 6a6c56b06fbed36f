<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\AccessToken;
use Illuminate\Support\Facades\DB;

/** Takes a token back: whatever comes with it from now on is refused. */
final class RevokeAccessToken
{
    public function __invoke(AccessToken $token, Actor $by): void
    {
        DB::transaction(static function () use ($token, $by): void {
            AccessToken::query()->lockForUpdate()->findOrFail($token->id)->delete();
            Audit::record($by, 'sign-in', 'token_revoked', "revoked the token {$token->name}", null, [
                'token' => $token->id,
                'user' => $token->getAttribute('tokenable_id'),
            ]);
        });
    }
}
