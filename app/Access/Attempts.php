<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\SignInAttempt;
use App\Models\Access\Waits;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Counts attempts to sign in, in the database, so that all nodes know of them. */
final readonly class Attempts
{
    public function __construct(private KnownMachine $machine) {}

    /**
     * Counts an attempt as failed before the password is looked at, so that many at once are no more than one after the
     * other.
     *
     * @param string $address as Address spells it
     *
     * @return int seconds that have to pass before the next attempt is looked at; 0: this one is
     */
    public function begin(string $address, string $ip): int
    {
        $now = CarbonImmutable::now();

        // Whoever has to wait writes nothing.
        $wait = SignInAttempt::query()
            ->whereKey(array_values($this->keys($address, $ip)))
            ->get()
            ->max(static fn(SignInAttempt $row): int => $row->secondsLeft($now));
        if (is_int($wait) && $wait > 0) {
            return $wait;
        }

        return DB::transaction(function () use ($address, $ip, $now): int {
            $rows = $this->rows($address, $ip, $now);
            $wait = max(array_map(static fn(SignInAttempt $row): int => $row->secondsLeft($now), $rows));
            foreach ($wait > 0 ? [] : $rows as $kind => $row) {
                $row->fail(Waits::from($kind), $now);
            }

            return $wait;
        }, attempts: 5);
    }

    /** The attempt was right: it does not count, nor do those that this person has failed here. */
    public function succeed(string $address, string $ip): void
    {
        $now = CarbonImmutable::now();
        DB::transaction(function () use ($address, $ip, $now): void {
            foreach ($this->rows($address, $ip, $now) as $kind => $row) {
                in_array(Waits::from($kind), [Waits::Here, Waits::Known], true)
                    ? $row->forget($now)
                    : $row->takeBack(Waits::from($kind), $now);
            }
        }, attempts: 5);
        $this->machine->remember($address);
    }

    /**
     * @return non-empty-array<string, SignInAttempt> those that count for this attempt, by kind, locked until the
     *     transaction ends
     */
    private function rows(string $address, string $ip, CarbonImmutable $now): array
    {
        return array_map(
            static fn(string $key): SignInAttempt => SignInAttempt::locked($key, $now),
            $this->keys($address, $ip),
        );
    }

    /** @return non-empty-array<string, string> of the rows that count for an attempt, by kind */
    private function keys(string $address, string $ip): array
    {
        // Where one's own machine is known, what others try elsewhere does not keep one waiting.
        $of = $this->machine->is($address)
            ? [Waits::Known->value => "{$address}\n{$ip}"]
            : [
                Waits::Account->value => $address,
                Waits::Here->value => "{$address}\n{$ip}",
                Waits::Machine->value => self::network($ip),
            ];
        $keys = [];
        foreach ($of as $kind => $one) {
            $keys[$kind] = hash('sha256', "{$kind}\n{$one}");
        }

        return $keys;
    }

    /** One machine has as many addresses of IPv6 as it likes, within its network of 64 bits (RFC 4291, 2.5.1). */
    private static function network(string $ip): string
    {
        $bytes = (string) inet_pton($ip);

        return strlen($bytes) === 16 ? bin2hex(substr($bytes, 0, 8)) : $ip;
    }
}
