<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\Stretch;

/**
 * What somebody can do from now until any instant, in ten-thousandths of a second of effort. By it each person's time
 * is one line without gaps, on which every task has a begin, an end and a length: calendars are asked once.
 */
final class Reach
{
    /** As far as the load plan looks. */
    public const DAYS = 92;

    /** @var array<int, array{Stretch, int}> in order, each with what is done before it */
    private array $stretches = [];

    /** @var array<int, int> what was asked for, by instant */
    private array $known = [];

    /**
     * @param int $now  instant
     * @param int $days that it looks ahead
     */
    public function __construct(
        Person $person,
        WorkingHours $presence,
        public readonly int $now,
        int $days = self::DAYS,
    ) {
        $date = $person->hours
            ->zone()
            ->dateAt($now)
            ->plus(-1);
        $whole = 0;
        // A shift that began yesterday may still run.
        for ($day = -1; $day < $days; ++$day, $date = $date->plus(1)) {
            $of = Stretch::ofDay($person->hours->spansOf($date), $presence->spansOf($date), $person->capacity, $now);
            foreach ($of as $stretch) {
                $this->stretches[] = [$stretch, $whole];
                $whole += $stretch->between($stretch->from, $stretch->to);
            }
        }
    }

    public function until(int $instant): int
    {
        return $instant <= $this->now ? 0 : ($this->known[$instant] ??= $this->found($instant));
    }

    /** By halving: the stretch that the instant lies in, or the last one before it. */
    private function found(int $instant): int
    {
        [$low, $high] = [0, count($this->stretches)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->stretches[$middle][0]->from < $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        if ($low === 0) {
            return 0;
        }
        [$stretch, $before] = $this->stretches[$low - 1];

        return $before + $stretch->between($stretch->from, min($instant, $stretch->to));
    }
}
