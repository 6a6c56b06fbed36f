<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;

/** Counts who is there on days. Whoever works any part of a day counts for it. */
final class Strength
{
    /** @var array<array-key, array<int, array{bool, bool}>> whether they work and whether they would, by person and day */
    private array $known = [];

    public function __construct(private readonly Roster $roster) {}

    /**
     * @param list<Membership> $members
     *
     * @return list<DayStrength> for $days dates from the first on
     */
    public function of(array $members, LocalDate $first, int $days): array
    {
        $strengths = [];
        for ($day = 0, $date = $first; $day < $days; ++$day, $date = $date->plus(1)) {
            $there = $expected = 0;
            foreach ($members as $member) {
                if (! $member->isOn($date)) {
                    continue;
                }
                $id = $member->personId;
                [$works, $would] = $this->known[$id][$date->day] ??= $this->day($this->roster->people[$id], $date);
                $there += $works ? 1 : 0;
                $expected += $would ? 1 : 0;
            }
            $strengths[] = new DayStrength($date, $there, $expected);
        }

        return $strengths;
    }

    /**
     * Days on which fewer than there should be are there with an absence more, and it makes the difference.
     *
     * @param list<Membership> $members the person among them
     *
     * @return list<DayStrength> as they would be
     */
    public function shortBy(Absence $absence, array $members, int $minimum): array
    {
        $presence = $this->roster->presenceOf($absence->personId);
        $first = $presence->zone()->dateAt($absence->span->from);
        $count = $presence->zone()->dateAt($absence->span->to - 1)->day - $first->day + 1;
        $short = [];
        $own = array_filter($members, static fn(Membership $member): bool => $member->personId === $absence->personId);
        foreach ($this->of($members, $first, $count) as $day) {
            if (array_filter($own, static fn(Membership $member): bool => $member->isOn($day->date)) === []) {
                continue;
            }
            $spans = $presence->spansOf($day->date);
            $then = new DayStrength($day->date, $day->there - 1, $day->expected);
            if ($spans !== [] && Span::subtract($spans, [$absence->span]) === [] && $then->isBelow($minimum)) {
                $short[] = $then;
            }
        }

        return $short;
    }

    /** @return list<Membership> those with a skill at a level */
    public function skilled(string $skill, int $level = 1): array
    {
        $members = [];
        foreach ($this->roster->people as $person) {
            if ($person->level($skill) >= $level) {
                $members[] = new Membership($person->id);
            }
        }

        return $members;
    }

    /** @return array{bool, bool} */
    private function day(Person $person, LocalDate $date): array
    {
        $noon = $person->hours->zone()->instant($date, 12 * 60);
        $member = $person->active && ($person->memberFrom ?? $noon) <= $noon && $noon < ($person->memberUntil ?? PHP_INT_MAX);

        return $member
            ? [$this->roster->presenceOf($person->id)->spansOf($date) !== [], $person->hours->spansOf($date) !== []]
            : [false, false];
    }
}
