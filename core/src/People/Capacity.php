<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use InvalidArgumentException;
use OpenBaton\Core\Workload\LoadMeasure;

/**
 * What a person can do: a share of their working time, a fixed number of
 * minutes a day, or a fixed amount of what else load is measured in.
 */
final readonly class Capacity
{
    /** Effort is counted in ten-thousandths of a second, so that every share is exact. */
    public const WHOLE = 10_000;

    /** @param int|null $amount parts of the measure, on each day that has working hours; null: it is minutes */
    private function __construct(
        private int $share,
        private ?int $minutesADay,
        public LoadMeasure $measure,
        private ?int $amount = null,
    ) {}

    /** @param int $percent 1 to 100; the usual is 80 */
    public static function percent(int $percent): self
    {
        if ($percent < 1 || $percent > 100) {
            throw new InvalidArgumentException('The share of working time for tasks is 1 to 100 percent.');
        }

        return new self($percent * 100, null, LoadMeasure::minutes());
    }

    /** @param int $minutes 1 to 1440, on each day that has working hours; never more than these hours */
    public static function minutesADay(int $minutes): self
    {
        if ($minutes < 1 || $minutes > 1440) {
            throw new InvalidArgumentException('Fixed capacity is 1 to 1440 minutes a day.');
        }

        return new self(self::WHOLE, $minutes, LoadMeasure::minutes());
    }

    /** @param int $parts of what is measured in, on each day that has working hours */
    public static function amountADay(int $parts, LoadMeasure $measure): self
    {
        return new self(self::WHOLE, null, $measure, LoadMeasure::within($parts));
    }

    /** The effort of a whole day of $workingSeconds, in ten-thousandths of a second: 600,000 of them are a part. */
    public function ofDay(int $workingSeconds): int
    {
        return match (true) {
            $this->amount !== null => $this->amount * 60 * self::WHOLE,
            $this->minutesADay === null => $this->share * $workingSeconds,
            default => min($this->minutesADay * 60, $workingSeconds) * self::WHOLE,
        };
    }
}
