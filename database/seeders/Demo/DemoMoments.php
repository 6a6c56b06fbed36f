<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use OpenBaton\Core\Time\WorkingHours;

/** Moments of the house before the demo begins, at whatever day and hour that is. */
final readonly class DemoMoments
{
    /** @param int $now instant at which the demo begins */
    public function __construct(private WorkingHours $house, private int $now) {}

    /** @return int the last instant with so many working minutes of the house between it and the begin of the demo */
    public function ago(int $minutes): int
    {
        $left = $minutes * 60;
        for ($date = $this->house->zone()->dateAt($this->now); ; $date = $date->plus(-1)) {
            foreach (array_reverse($this->house->spansOf($date)) as $span) {
                $to = min($span->to, $this->now);
                if ($to - $span->from >= $left) {
                    return $to - $left;
                }
                $left -= max(0, $to - $span->from);
            }
        }
    }
}
