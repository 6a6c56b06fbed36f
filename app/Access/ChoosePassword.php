<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\Invitation;
use App\Models\Access\OpenSession;
use App\Models\Access\User;
use Illuminate\Support\Facades\DB;

/** Gives a sign-in another password. Whoever was signed in by the old one no longer is. */
final class ChoosePassword
{
    /** @param string|null $except the session that stays, by its id; null: none */
    public function __invoke(User $user, string $password, ?string $except, Actor $by): void
    {
        DB::transaction(static function () use ($user, $password, $except, $by): void {
            $user->update(['password' => $password, 'ended_at' => null]);
            Invitation::query()->where('user_id', $user->id)->delete();
            OpenSession::endOf($user, $except);
            Audit::record($by, 'sign-in', 'password_chosen', "chose a password for {$user->email}", $user);
        });
    }
}
