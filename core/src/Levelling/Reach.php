<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\LocalDate;
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

    /** @var array<int, array{Stretch, int}> in order, each with what is done before it; as far as was asked for */
    private array $stretches = [];

    /** @var array<int, int> what was asked for, by instant */
    private array $known = [];

    /** The first day that was not looked at. */
    private LocalDate $next;

    private readonly LocalDate $end;

    private int $whole = 0;

    /**
     * @param int $now  instant
     * @param int $days that it looks ahead at most
     */
    public function __construct(
        private readonly Person $person,
        private readonly WorkingHours $presence,
        public readonly int $now,
        int $days = self::DAYS,
    ) {
        $today = $person->hours->zone()->dateAt($now);
        // A shift that began yesterday may still run.
        $this->next = $today->plus(-1);
        $this->end = $today->plus($days);
    }

    private function lookUntil(int $instant): void
    {
        $zone = $this->person->hours->zone();
        while ($this->next->day < $this->end->day && $zone->instant($this->next, 0) <= $instant) {
            $of = Stretch::ofDay(
                $this->person->hours->spansOf($this->next),
                $this->presence->spansOf($this->next),
                $this->person->capacity,
                $this->now,
            );
            foreach ($of as $stretch) {
                $this->stretches[] = [$stretch, $this->whole];
                $this->whole += $stretch->between($stretch->from, $stretch->to);
            }
            $this->next = $this->next->plus(1);
        }
    }

    public function until(int $instant): int
    {
        return $instant <= $this->now ? 0 : ($this->known[$instant] ??= $this->found($instant));
    }

    /** @return int|null instant by which so much can be done; null: not as far as is looked */
    public function at(int $units): ?int
    {
        if ($units <= 0) {
            return $this->now;
        }
        for ($place = 0; ; ++$place) {
            while (!isset($this->stretches[$place])) {
                if ($this->next->day >= $this->end->day) {
                    return null;
                }
                $this->lookUntil($this->person->hours->zone()->instant($this->next, 0));
            }
            [$stretch, $before] = $this->stretches[$place];
            if ($before + $stretch->between($stretch->from, $stretch->to) >= $units) {
                return $stretch->doneAt($stretch->from, $units - $before);
            }
        }
    }

    /** By halving: the stretch that the instant lies in, or the last one before it. */
    private function found(int $instant): int
    {
        $this->lookUntil($instant);
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
