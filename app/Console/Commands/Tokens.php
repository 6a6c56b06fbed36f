<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Actor;
use App\Access\RevokeAccessToken;
use App\Models\Access\AccessToken;
use App\Models\Access\User;
use Illuminate\Console\Command;

final class Tokens extends Command
{
    protected $signature = 'baton:tokens {--revoke= : the number of one to take back}';

    protected $description = 'List the tokens of other systems, or take one back';

    public function handle(RevokeAccessToken $revoke): int
    {
        $number = $this->option('revoke');
        if ($number !== null) {
            $token = AccessToken::query()->whereKey($number)->first();
            if ($token === null) {
                $this->error('There is no token with this number.');

                return 2;
            }
            $revoke($token, Actor::system('command line'));
            $this->line("The token {$token->name} is revoked.");

            return 0;
        }
        $this->table(
            ['Number', 'For', 'Owner', 'May', 'Last used', 'Until'],
            AccessToken::query()
                ->with('tokenable')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(AccessToken $token): array => [
                        $token->id,
                        $token->name,
                        $token->tokenable instanceof User ? $token->tokenable->email : '',
                        implode(' ', array_filter((array) $token->abilities, is_string(...))),
                        $token->last_used_at?->toIso8601String() ?? 'never',
                        $token->expires_at?->toDateString() ?? 'without an end',
                    ],
                )
                ->all(),
        );

        return 0;
    }
}
