<?php

declare(strict_types=1);

namespace OpenBaton\Core\Foresight;

use OpenBaton\Core\Time\LocalDate;

/** What is left undone on the days ahead: time in which there is nothing to do is not carried over. */
final readonly class Forecast
{
    /** @param list<ForecastDay> $days */
    private function __construct(public array $days) {}

    /** @param list<Ahead> $ahead open days in order, the first of them being now */
    public static function of(array $ahead, Inflow $inflow): self
    {
        $days = [];
        $backlog = 0;
        foreach ($ahead as $place => $day) {
            $usual = $inflow->usual($day->date, $place);
            $backlog = max(0, $backlog + $day->known + ($usual ?? 0) - $day->capacity);
            $days[] = new ForecastDay($day, $usual, $backlog, self::may($ahead, $place, $inflow));
        }

        return new self($days);
    }

    /**
     * The greatest backlog that any of the days until then may have begun.
     *
     * @param list<Ahead> $ahead
     */
    private static function may(array $ahead, int $to, Inflow $inflow): int
    {
        $most = $sum = 0;
        for ($from = $to; $from >= 0; --$from) {
            $sum += $ahead[$from]->known - $ahead[$from]->capacity;
            $most = max($most, $sum + ($inflow->most($from, $to) ?? 0));
        }

        return $most;
    }

    /** The first day on which something is left undone. */
    public function tipsOver(): ?ForecastDay
    {
        return $this->first(static fn(ForecastDay $day): bool => $day->backlog > 0);
    }

    /** The first day on which something may be left undone. */
    public function mayTipOver(): ?ForecastDay
    {
        return $this->first(static fn(ForecastDay $day): bool => $day->may > 0);
    }

    /** Minutes by which it is too much at worst. */
    public function worst(): int
    {
        return max([0, ...array_map(static fn(ForecastDay $day): int => $day->backlog, $this->days)]);
    }

    /** The days from which on what is left undone at the end of a day has come: those that another order might help. */
    public function since(ForecastDay $tips): LocalDate
    {
        $since = $tips->ahead->date;
        foreach (array_reverse($this->days) as $day) {
            if ($day->ahead->date->day < $tips->ahead->date->day && $day->backlog === 0) {
                break;
            }
            if ($day->ahead->date->day <= $tips->ahead->date->day) {
                $since = $day->ahead->date;
            }
        }

        return $since;
    }

    /** @param callable(ForecastDay): bool $is */
    private function first(callable $is): ?ForecastDay
    {
        foreach ($this->days as $day) {
            if ($is($day)) {
                return $day;
            }
        }

        return null;
    }
}
