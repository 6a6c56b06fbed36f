<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\Invitation;
use App\Models\Access\OpenSession;
use App\Models\Access\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Ends a sign-in: its sessions, its tokens and its invitation with it. What its owner did keeps their name. */
final class EndSignIn
{
    public function __invoke(User $user, Actor $by): void
    {
        DB::transaction(static function () use ($user, $by): void {
            if (User::query()->lockForUpdate()->findOrFail($user->id)->ended_at !== null) {
                return;
            }
            $user->update(['ended_at' => CarbonImmutable::now()]);
            Invitation::query()->where('user_id', $user->id)->delete();
            OpenSession::endOf($user);
            $user->tokens()->delete();
            Audit::record($by, 'sign-in', 'sign_in_ended', "ended the sign-in of {$user->email}", $user);
        });
    }
}
