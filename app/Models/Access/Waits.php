<?php

declare(strict_types=1);

namespace App\Models\Access;

/**
 * How long whoever keeps failing waits: not at first, then twice as long each time, and never longer than a quarter of
 * an hour.
 */
enum Waits: string
{
    /** Of one account at one machine. */
    case Here = 'here';
    /** Of one account at a machine at which it has been signed in before. */
    case Known = 'known';
    /** Of one account over all machines. */
    case Account = 'account';
    /** Of one machine over all accounts. */
    case Machine = 'machine';

    /** Seconds. */
    private const FIRST = 30;

    /** Seconds. */
    public const LONGEST = 900;

    /** Seconds without a failure after which failures are forgotten. */
    public const FORGOTTEN = 3600;

    /** Failures after which there is no wait yet. */
    public function free(): int
    {
        return match ($this) {
            self::Here => 4,
            self::Known => 9,
            self::Account => 19,
            self::Machine => 29,
        };
    }

    /** @return int seconds to wait after so many failures */
    public function after(int $failures): int
    {
        $more = $failures - $this->free();

        return $more < 1 ? 0 : (int) min(self::LONGEST, self::FIRST * 2 ** min($more - 1, 10));
    }
}
