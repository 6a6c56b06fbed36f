<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

use InvalidArgumentException;

/**
 * Values that are ordered: numbers, amounts, dates, lengths and times.
 *
 * A range reaches from one boundary up to another. A boundary is a value and
 * whether it lies before (0) or after it (1); of whole numbers that after n is
 * that before n + 1, so that there is nothing between neighbours.
 *
 * @phpstan-type Boundary array{int|float, int}
 */
final readonly class Ranges implements ValueSet
{
    /**
     * @param list<array{Boundary, Boundary}> $ranges  in order, apart from each other
     * @param bool                            $missing whether "missing" is among them
     */
    private function __construct(private array $ranges, private bool $missing) {}

    /**
     * @param int|float|null $low  null: no end
     * @param int|float|null $high null: no end
     * @param bool           $with  whether these two count as inside
     * @param bool           $whole of whole numbers
     */
    public static function between(int|float|null $low, int|float|null $high, bool $with, bool $whole): self
    {
        $from = self::boundary($low ?? -INF, $with ? 0 : 1, $whole);
        $to = self::boundary($high ?? INF, $with ? 1 : 0, $whole);

        return new self($from < $to ? [[$from, $to]] : [], false);
    }

    public static function missing(): self
    {
        return new self([], true);
    }

    public function or(self $other): self
    {
        return $this->complement()->and($other->complement())->complement();
    }

    public function complement(): self
    {
        $gaps = [];
        $from = [-INF, 0];
        foreach ($this->ranges as [$low, $high]) {
            if ($from < $low) {
                $gaps[] = [$from, $low];
            }
            $from = $high;
        }
        if ($from < [INF, 0]) {
            $gaps[] = [$from, [INF, 1]];
        }

        return new self($gaps, !$this->missing);
    }

    public function isEmpty(): bool
    {
        return !$this->missing && $this->ranges === [];
    }

    public function and(ValueSet $other): self
    {
        $other = self::alike($other);
        $both = [];
        foreach ($this->ranges as [$low, $high]) {
            foreach ($other->ranges as [$otherLow, $otherHigh]) {
                $from = max($low, $otherLow);
                $to = min($high, $otherHigh);
                if ($from < $to) {
                    $both[] = [$from, $to];
                }
            }
        }

        return new self($both, $this->missing && $other->missing);
    }

    public function but(ValueSet $other): self
    {
        return $this->and(self::alike($other)->complement());
    }

    public function filled(): self
    {
        return new self($this->ranges, false);
    }

    /** @return Boundary */
    private static function boundary(int|float $value, int $side, bool $whole): array
    {
        return $whole && $side === 1 && is_int($value) ? [$value + 1, 0] : [$value, $side];
    }

    private static function alike(ValueSet $other): self
    {
        return $other instanceof self
            ? $other
            : throw new InvalidArgumentException('Sets of values of one field are of one class.');
    }
}
