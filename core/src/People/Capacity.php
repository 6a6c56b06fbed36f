<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use InvalidArgumentException;

/**
 * How much of a person's working time goes to tasks: a share of it, or a fixed
 * number of minutes a day.
 */
final readonly class Capacity
{
    /** Effort is counted in ten-thousandths of a second, so that every share is exact. */
    public const WHOLE = 10_000;

    private function __construct(private int $share, private ?int $minutesADay) {}

    /** @param int $percent 1 to 100; the usual is 80 */
    public static function percent(int $percent): self
    {
        if ($percent < 1 || $percent > 100) {
            throw new InvalidArgumentException('The share of working time for tasks is 1 to 100 percent.');
        }

        return new self($percent * 100, null);
    }

    /** @param int $minutes 1 to 1440, on each day that has working hours; never more than these hours */
    public static function minutesADay(int $minutes): self
    {
        if ($minutes < 1 || $minutes > 1440) {
            throw new InvalidArgumentException('Fixed capacity is 1 to 1440 minutes a day.');
        }

        return new self(self::WHOLE, $minutes);
    }

    /** The effort of a whole day of $workingSeconds, in ten-thousandths of a second. */
    public function ofDay(int $workingSeconds): int
    {
        return $this->minutesADay === null
            ? $this->share * $workingSeconds
            : min($this->minutesADay * 60, $workingSeconds) * self::WHOLE;
    }
}
