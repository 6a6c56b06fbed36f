<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

/** Working hours with stretches taken out of them, such as absences. */
final class HoursLessBlocks implements WorkingHours
{
    /** @var array<int, list<Span>> by day */
    private array $known = [];

    /** @param list<Span> $blocks */
    public function __construct(private readonly WorkingHours $hours, private readonly array $blocks) {}

    public function zone(): Zone
    {
        return $this->hours->zone();
    }

    public function isHoliday(LocalDate $date): bool
    {
        return $this->hours->isHoliday($date);
    }

    public function spansOf(LocalDate $date): array
    {
        return $this->known[$date->day] ??= Span::subtract($this->hours->spansOf($date), $this->blocks);
    }
}
