<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Time\Span;

/**
 * How effort gets done in the course of a working day: evenly over its working
 * time, absence or not. By the k-th second of it floor(k × capacity ÷ seconds)
 * is done, so that a whole day does its capacity exactly.
 */
final readonly class DayPace
{
    private int $seconds;

    private int $capacity;

    /** @param list<Span> $spans the working time of the day, in order, apart from each other */
    public function __construct(private array $spans, Capacity $capacity)
    {
        $seconds = 0;
        foreach ($spans as $span) {
            $seconds += $span->seconds();
        }
        $this->seconds = $seconds;
        $this->capacity = $capacity->ofDay($seconds);
    }

    /**
     * Units of effort between two instants with nothing but working time between them.
     *
     * @return int in ten-thousandths of a second
     */
    public function between(int $from, int $to): int
    {
        return $this->by($this->elapsed($to)) - $this->by($this->elapsed($from));
    }

    /** The first instant after $from by which so many units are done; there is at least so much left of the working time. */
    public function doneAt(int $from, int $units): int
    {
        $elapsed = $this->elapsed($from);
        $wanted = $this->by($elapsed) + $units;

        return $from + intdiv($wanted * $this->seconds + $this->capacity - 1, $this->capacity) - $elapsed;
    }

    private function by(int $elapsed): int
    {
        return $this->seconds === 0 ? 0 : intdiv($elapsed * $this->capacity, $this->seconds);
    }

    private function elapsed(int $instant): int
    {
        $elapsed = 0;
        foreach ($this->spans as $span) {
            $elapsed += max(0, min($instant, $span->to) - $span->from);
        }

        return $elapsed;
    }
}
