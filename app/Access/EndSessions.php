<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\OpenSession;
use App\Models\Access\User;
use Illuminate\Support\Facades\DB;

/** Signs somebody out elsewhere. No machine stays signed in by its cookie alone after that. */
final class EndSessions
{
    /**
     * @param string|null $only   a session, by OpenSession::name(); null: all of theirs
     * @param string|null $except the session that stays, by its id
     *
     * @return int how many there were
     */
    public function __invoke(User $user, ?string $only, ?string $except, Actor $by): int
    {
        return DB::transaction(static function () use ($user, $only, $except, $by): int {
            $count = OpenSession::endOf($user, $except, $only);
            if ($count === 0) {
                return 0;
            }
            Audit::record($by, 'sign-in', 'sessions_ended', "ended sessions of {$user->email}", $user, [
                'sessions' => $count,
            ]);

            return $count;
        });
    }
}
