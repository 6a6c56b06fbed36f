<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\User;
use App\Models\People\Person;
use Illuminate\Support\Facades\DB;

/** Says whose a sign-in is: a person of the house has at most one, and a sign-in at most one person. */
final class JoinSignIn
{
    /** @param Person|null $person null: nobody's, as of a system; whoever had it keeps their place in the house */
    public function __invoke(User $user, ?Person $person, Actor $by): User
    {
        return DB::transaction(static function () use ($user, $person, $by): User {
            $user = User::query()->lockForUpdate()->findOrFail($user->id);
            $before = Person::query()->where('user_id', $user->id)->lockForUpdate()->first();
            $person = $person === null ? null : Person::query()->lockForUpdate()->findOrFail($person->id);
            if ($before?->id === $person?->id || ($person !== null && $person->user_id !== null)) {
                return $user;
            }
            $before?->update(['user_id' => null]);
            $person?->update(['user_id' => $user->id]);
            Audit::record(
                $by,
                'sign-in',
                $person === null ? 'parted' : 'joined',
                $person === null
                    ? "parted the sign-in {$user->email} from {$before?->name}"
                    : "joined the sign-in {$user->email} to {$person->name}",
                $user,
                [
                    'old' => array_filter(['person' => $before?->name]),
                    'now' => array_filter(['person' => $person?->name]),
                ],
            );

            return $user->unsetRelation('person');
        }, attempts: 3);
    }

    /** Joins people to sign-ins of their addresses that are nobody's yet. */
    public function byAddress(Person $person, Actor $by): void
    {
        if ($person->user_id === null && $person->email !== null) {
            $user = User::query()
                ->where('email', Address::spelled($person->email))
                ->whereNull('ended_at')
                ->whereDoesntHave('person')
                ->first();
            if ($user !== null) {
                $this($user, $person, $by);
            }
        }
    }
}
