<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Time\Span;

/**
 * A stretch of working time without a break, and how effort gets done in it:
 * evenly over the working time of its day, absence or not. By the k-th second
 * of the day floor(k × capacity ÷ seconds) is done, so that a whole day does
 * its capacity exactly.
 *
 * Effort is in ten-thousandths of a second.
 */
final readonly class Stretch
{
    /** Effort a second where that is a whole number, as for every share of working time; 0: it is not. */
    private int $rate;

    /**
     * @param int $elapsed  seconds of the day's working time before $from
     * @param int $seconds  of the day's working time in all
     * @param int $capacity effort of the whole day
     */
    private function __construct(
        public int $from,
        public int $to,
        private int $elapsed,
        private int $seconds,
        private int $capacity,
    ) {
        $this->rate = $capacity % $seconds === 0 ? intdiv($capacity, $seconds) : 0;
    }

    /**
     * What a day has from an instant on.
     *
     * @param list<Span> $hours    the working time of the day, in order, apart from each other
     * @param list<Span> $presence what of it the person is there for
     *
     * @return list<self>
     */
    public static function ofDay(array $hours, array $presence, Capacity $capacity, int $now): array
    {
        $stretches = [];
        $seconds = 0;
        foreach ($hours as $span) {
            $seconds += $span->to - $span->from;
        }
        foreach ($presence as $present) {
            if ($present->to <= $now) {
                continue;
            }
            $elapsed = 0;
            foreach ($hours as $span) {
                $from = max($span->from, $present->from, $now);
                $to = min($span->to, $present->to);
                if ($from < $to) {
                    $stretches[] = new self(
                        $from,
                        $to,
                        $elapsed + $from - $span->from,
                        $seconds,
                        $capacity->ofDay($seconds),
                    );
                }
                $elapsed += $span->to - $span->from;
            }
        }

        return $stretches;
    }

    /** What gets done between two instants within it. */
    public function between(int $from, int $to): int
    {
        return $this->rate !== 0 ? ($to - $from) * $this->rate : $this->by($to) - $this->by($from);
    }

    /** The first instant after $from by which so much is done, be it within or behind it. */
    public function doneAt(int $from, int $units): int
    {
        if ($this->rate !== 0) {
            return $from + intdiv($units + $this->rate - 1, $this->rate);
        }
        $elapsed = $this->elapsed + $from - $this->from;

        return $from +
            intdiv(($this->by($from) + $units) * $this->seconds + $this->capacity - 1, $this->capacity) -
            $elapsed;
    }

    private function by(int $instant): int
    {
        return intdiv(($this->elapsed + $instant - $this->from) * $this->capacity, $this->seconds);
    }
}
