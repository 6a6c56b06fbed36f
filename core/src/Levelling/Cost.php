<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What an assignment is like, by all measures. */
final readonly class Cost
{
    /** @param int $late ten-thousandths of a second of effort */
    public function __construct(public int $late, public Fraction $peak, public int $moves, public int $breaks) {}

    /** @param list<Measure> $order the weightiest first */
    public function compare(self $other, array $order): int
    {
        foreach ($order as $measure) {
            $way = match ($measure) {
                Measure::Late => $this->late <=> $other->late,
                Measure::Peak => $this->peak->compare($other->peak),
                Measure::Moves => $this->moves <=> $other->moves,
                Measure::Breaks => $this->breaks <=> $other->breaks,
            };
            if ($way !== 0) {
                return $way;
            }
        }

        return 0;
    }
}
