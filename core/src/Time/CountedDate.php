<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;

/** A date each change of which is a step: so that whoever looks for a day that never comes is stopped. */
final class CountedDate extends DateTimeImmutable
{
    private Steps $steps;

    public static function of(DateTimeInterface $date, Steps $steps): self
    {
        $counted = new self($date->format('Y-m-d H:i:s'), $date->getTimezone() ?: new DateTimeZone('UTC'));
        $counted->steps = $steps;

        return $counted;
    }

    public function modify(string $modifier): static
    {
        $this->steps->take();

        return parent::modify($modifier);
    }

    public function setDate(int $year, int $month, int $day): static
    {
        $this->steps->take();

        return parent::setDate($year, $month, $day);
    }

    public function setISODate(int $year, int $week, ?int $dayOfWeek = 1): static
    {
        $this->steps->take();

        return parent::setISODate($year, $week, $dayOfWeek ?? 1);
    }
}
