<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;

/**
 * That somebody has signed in at this machine before, kept there in a cookie
 * that only the application can write. Who knows the password of their own
 * machine is not kept out by those who guess at others.
 */
final readonly class KnownMachine
{
    private const COOKIE = 'known_machine';

    private const MINUTES = 60 * 24 * 180;

    public function __construct(private Request $request, private CookieJar $cookies) {}

    /** @param string $address as Address spells it */
    public function is(string $address): bool
    {
        return in_array(self::digest($address), $this->known(), true);
    }

    public function remember(string $address): void
    {
        $known = [self::digest($address), ...array_diff($this->known(), [self::digest($address)])];
        $this->cookies->queue(self::COOKIE, implode(' ', array_slice($known, 0, 8)), self::MINUTES);
    }

    /** @return list<string> */
    private function known(): array
    {
        $cookie = $this->request->cookie(self::COOKIE);

        return is_string($cookie) && $cookie !== '' ? explode(' ', $cookie) : [];
    }

    private static function digest(string $address): string
    {
        return hash('sha256', $address);
    }
}
