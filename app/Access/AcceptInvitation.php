<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\Invitation;
use App\Models\Access\User;
use Illuminate\Support\Facades\DB;

/**
 * Uses an invitation up, and gives its sign-in the password that was chosen: once, however often the link is sent at
 * the same moment.
 */
final readonly class AcceptInvitation
{
    public function __construct(private ChoosePassword $choose) {}

    /** @return User|null null: the link is no longer good */
    public function __invoke(string $secret, string $password): ?User
    {
        return DB::transaction(function () use ($secret, $password): ?User {
            $invitation = Invitation::by($secret)->with('user')->lockForUpdate()->first();
            $user = $invitation?->user;
            if ($invitation === null || $user === null) {
                return null;
            }
            $invitation->delete();
            ($this->choose)($user, $password, null, Actor::user($user));

            return $user;
        }, attempts: 3);
    }
}
