<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\Invitation;
use App\Models\Access\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Lets somebody choose a password by a link that works once; an earlier link no longer does. A sign-in that had ended
 * is taken up again with that.
 */
final class InviteUser
{
    /** @return string what only this answer knows: the database keeps a digest of it */
    public function __invoke(User $user, Actor $by): string
    {
        $secret = Str::random(48);
        DB::transaction(static function () use ($user, $secret, $by): void {
            Invitation::query()->updateOrCreate(
                ['user_id' => $user->id],
                [
                    'token' => Invitation::digest($secret),
                    'expires_at' => CarbonImmutable::now()->addDays(Invitation::DAYS),
                ],
            );
            Audit::record($by, 'sign-in', 'invited', "invited {$user->email}", $user);
        });

        return $secret;
    }
}
