<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\People\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Spatie\Permission\Models\Role as RoleRow;

/** Makes a sign-in, whose owner chooses the password by an invitation. */
final class MakeSignIn
{
    /**
     * @param string      $address as Address spells it
     * @param Person|null $person  whose it is; null: whoever has the address, or nobody, as of a system
     */
    public function __invoke(string $name, string $address, Role $role, ?Person $person, Actor $by): User
    {
        return DB::transaction(static function () use ($name, $address, $role, $person, $by): User {
            $user = User::query()->create(['name' => $name, 'email' => $address, 'password' => Str::random(40)]);
            // Somebody of the house who has this address, and no other sign-in.
            $person ??= Person::query()->where('email', $address)->whereNull('user_id')->where('active', true)->first();
            RoleRow::findOrCreate($role->value);
            $user->assignRole($role->value);
            $person?->update(['user_id' => $user->id]);
            Audit::record($by, 'sign-in', 'sign_in_made', "made a sign-in for {$address}", $user, [
                'role' => $role->value,
                'person' => $person?->slug,
            ]);

            return $user;
        });
    }
}
