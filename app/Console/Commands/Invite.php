<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Actor;
use App\Access\Address;
use App\Access\InviteUser;
use App\Access\MakeSignIn;
use App\Models\Access\Role;
use App\Models\Access\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** How a house gets its first administrator, and how one gets in again who has lost the password. */
final class Invite extends Command
{
    protected $signature =
        'baton:invite {email : with which they sign in} ' .
        '{--name= : makes a sign-in where there is none} {--role=administrator : of a new sign-in}';

    protected $description = 'Make a link by which somebody chooses a password, once, within a week';

    public function handle(MakeSignIn $make, InviteUser $invite): int
    {
        $address = Address::spelled((string) $this->argument('email'));
        $name = $this->option('name');
        $role = Role::tryFrom((string) $this->option('role'));
        $user = User::query()->where('email', $address)->first();
        if (
            $user === null &&
            ($name === null || $role === null || filter_var($address, FILTER_VALIDATE_EMAIL) === false)
        ) {
            $this->error(
                'Nobody signs in with this address; give --name, and --role as ' .
                    implode(', ', array_column(Role::cases(), 'value')) .
                    ', to make a sign-in.',
            );

            return 2;
        }
        $by = Actor::system('command line');
        $secret = DB::transaction(
            static fn(): string => $invite(
                $user ?? $make((string) $name, $address, $role ?? Role::Administrator, null, $by),
                $by,
            ),
        );
        $this->line(url("invitation/{$secret}"));

        return 0;
    }
}
