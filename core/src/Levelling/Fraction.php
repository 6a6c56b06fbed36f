<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** An exact ratio of work to time. Nothing of nothing is nought; something of nothing is more than all else. */
final readonly class Fraction
{
    private const SMALL = 3_000_000_000;

    /**
     * @param int $work not negative
     * @param int $time not negative
     */
    public function __construct(public int $work, public int $time) {}

    /** Whether the product of two such numbers is one that an integer holds. */
    private function isSmall(): bool
    {
        return $this->work < self::SMALL && $this->time < self::SMALL;
    }

    public function isInfinite(): bool
    {
        return $this->time === 0 && $this->work > 0;
    }

    public function exceedsOne(): bool
    {
        return $this->work > $this->time;
    }

    public function compare(self $other): int
    {
        if ($this->time > 0 && $other->time > 0 && $this->isSmall() && $other->isSmall()) {
            return $this->work * $other->time <=> $other->work * $this->time;
        }
        if ($this->isInfinite() || $other->isInfinite()) {
            return $this->isInfinite() <=> $other->isInfinite();
        }
        [$a, $b] = [$this->time === 0 ? 1 : $this->time, $other->time === 0 ? 1 : $other->time];
        // Whole parts first, then what is left of each: the products stay within what an integer holds.
        $whole = intdiv($this->work, $a) <=> intdiv($other->work, $b);
        if ($whole !== 0) {
            return $whole;
        }
        [$left, $right] = [$this->work % $a, $other->work % $b];
        if ($left === 0 || $right === 0) {
            return $left <=> $right;
        }

        return (new self($b, $right))->compare(new self($a, $left));
    }
}
