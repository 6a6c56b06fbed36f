<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

final class MakeToken extends Command
{
    protected $signature = 'baton:token {email : whose token it is} {name : what it is for}';

    protected $description = 'Make a personal token with which a system may bring tasks in; it is shown once';

    public function handle(): int
    {
        $user = User::query()->where('email', $this->argument('email'))->first();
        if ($user === null) {
            $this->error('Nobody signs in with this address.');

            return 2;
        }
        $this->line($user->createToken((string) $this->argument('name'), ['tasks:create'])->plainTextToken);

        return 0;
    }
}
