<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Actor;
use App\Access\Address;
use App\Access\MakeAccessToken;
use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

final class MakeToken extends Command
{
    private const DAYS = 365;

    protected $signature = 'baton:token {email : whose token it is} {name : what it is for}
        {--may=* : what it may do; tasks:create where nothing is said}
        {--until= : its last day, as 2027-03-31; a year from now where nothing is said}';

    protected $description = 'Make a token with which another system asks; it is shown once';

    public function handle(MakeAccessToken $make): int
    {
        $user = User::query()->where('email', Address::spelled((string) $this->argument('email')))->first();
        $abilities = $this->abilities();
        $until = $this->until();
        if ($user === null || !$user->maySignIn()) {
            return $this->refuse('Nobody signs in with this address.');
        }
        if ($abilities === null) {
            return $this->refuse(
                'A token may do: ' . implode(', ', array_column(TokenAbility::cases(), 'value')) . '.',
            );
        }
        if ($until === null || $until->isPast()) {
            return $this->refuse('Give its last day as 2027-03-31, after today.');
        }
        $this->line($make($user, (string) $this->argument('name'), $abilities, $until, Actor::system('command line')));

        return 0;
    }

    /** @return list<TokenAbility>|null null: there is one that there is not */
    private function abilities(): ?array
    {
        $found = [];
        foreach ($this->option('may') === [] ? [TokenAbility::Create->value] : $this->option('may') as $name) {
            $ability = TokenAbility::tryFrom((string) $name);
            if ($ability === null) {
                return null;
            }
            $found[] = $ability;
        }

        return $found;
    }

    private function until(): ?CarbonImmutable
    {
        $day = $this->option('until');
        if ($day === null) {
            return CarbonImmutable::now()->addDays(self::DAYS)->endOfDay();
        }

        return CarbonImmutable::hasFormat((string) $day, 'Y-m-d')
            ? CarbonImmutable::parse((string) $day)->endOfDay()
            : null;
    }

    private function refuse(string $why): int
    {
        $this->error($why);

        return 2;
    }
}
