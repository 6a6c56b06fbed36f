<?php

declare(strict_types=1);

namespace OpenBaton\Core\Foresight;

use OpenBaton\Core\Figures\Rank;
use OpenBaton\Core\Time\LocalDate;

/**
 * What usually comes in, by what came in on the open days of the last weeks. It is looked at as work that is due on the
 * days ahead: what comes in on a day is due so many open days later, so that on the first days ahead only what is due
 * soon is not known yet.
 */
final readonly class Inflow
{
    /** Days of a weekday below which nothing is said of it. */
    public const FEWEST = 3;

    /** @var list<array<int, int>> minutes by lag, for each open day */
    private array $came;

    private int $longest;

    /**
     * @param list<LocalDate> $open     days on which the house was open, in order
     * @param list<Arrival>   $arrivals what came in on a closed day counts with the next open one
     */
    public function __construct(private array $open, array $arrivals)
    {
        $came = array_fill(0, count($open), []);
        $longest = 0;
        foreach ($arrivals as $arrival) {
            foreach ($open as $place => $date) {
                if ($date->day >= $arrival->day) {
                    $came[$place][$arrival->lag] = ($came[$place][$arrival->lag] ?? 0) + $arrival->minutes;
                    $longest = max($longest, $arrival->lag);
                    break;
                }
            }
        }
        $this->came = $came;
        $this->longest = $longest;
    }

    /**
     * What usually comes in from now on and is due on a day ahead.
     *
     * @param int $ahead open days from the first one; 0: the first
     *
     * @return int|null minutes, the median; null: too few such days are known
     */
    public function usual(LocalDate $date, int $ahead): ?int
    {
        $found = [];
        foreach ($this->open as $place => $day) {
            if ($day->weekday() === $date->weekday() && $place >= min($ahead, $this->longest)) {
                $found[] = $this->dueOn($place, $ahead);
            }
        }

        return count($found) < self::FEWEST ? null : Rank::of($found, 50);
    }

    /**
     * What may come in from now on and be due on some days ahead in all: nine of ten times it was not more.
     *
     * @param int $from open days ahead, the first of them
     * @param int $to   the last of them
     *
     * @return int|null minutes; null: too few such times are known
     */
    public function most(int $from, int $to): ?int
    {
        $sums = [];
        $last = count($this->open) - 1;
        for ($begin = 0; $begin + $to <= $last; ++$begin) {
            $sum = 0;
            for ($ahead = $from; $ahead <= $to; ++$ahead) {
                $sum += $this->dueOn($begin + $ahead, $ahead);
            }
            $sums[] = $sum;
        }

        return count($sums) < self::FEWEST ? null : Rank::of($sums, 90);
    }

    /** What came in within so many open days before a day, or on it, and was due on it. */
    private function dueOn(int $place, int $ahead): int
    {
        $minutes = 0;
        for ($lag = 0; $lag <= min($ahead, $this->longest, $place); ++$lag) {
            $minutes += $this->came[$place - $lag][$lag] ?? 0;
        }

        return $minutes;
    }
}
