<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\User;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Str;

/**
 * Whether an address and a password go together, where whoever asks need not wait; it takes as long for an address that
 * nobody has.
 */
final readonly class Credentials
{
    public function __construct(private Hasher $hasher, private Cache $cache, private Attempts $attempts) {}

    /** @param string $address as Address spells it */
    public function check(string $address, string $password, string $ip): Verdict
    {
        $wait = $this->attempts->begin($address, $ip);
        $user = $wait > 0 ? null : $this->owner($address, $password);
        if ($user !== null) {
            $this->attempts->succeed($address, $ip);
        }

        return new Verdict($user, $wait);
    }

    private function owner(string $address, string $password): ?User
    {
        // Asked for in any case: once, when it is made, it takes long.
        $nobodys = $this->nobodys();
        $user = User::query()->where('email', $address)->first();
        $right = $this->hasher->check($password, $user->password ?? $nobodys);
        if ($user === null || !$right) {
            return null;
        }
        if ($this->hasher->needsRehash($user->password)) {
            $user->update(['password' => $password]);
        }

        return $user;
    }

    /** The hash of a password that nobody knows, as costly as all others. */
    private function nobodys(): string
    {
        $hash = $this->cache->rememberForever(
            'nobodys password ' . config()->integer('hashing.bcrypt.rounds'),
            fn(): string => $this->hasher->make(Str::random(40)),
        );

        return is_string($hash) ? $hash : '';
    }
}
