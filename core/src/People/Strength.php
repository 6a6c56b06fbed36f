<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;

/** Counts who is there on days. Whoever works any part of a day counts for it. */
final class Strength
{
    /**
     * @var array<array-key, array<int, array{bool, bool}>> whether they work and whether they would, by person and day
     */
    private array $known = [];
    /** @var array<string, array<int, DayStrength>> of groups that are asked about by a name, by it and by day */
    private array $counted = [];
    /** @var array<array-key, array<int, true>> days that an absence of theirs may touch, by person */
    private array $touched = [];

    public function __construct(private readonly Roster $roster) {}

    /** With absences more; what is known of other people stays. */
    public function with(Absence ...$absences): self
    {
        if ($absences === []) {
            return $this;
        }
        $with = new self($this->roster->with(...$absences));
        $theirs = array_flip(array_map(static fn(Absence $absence): string => $absence->personId, $absences));
        $with->known = array_diff_key($this->known, $theirs);
        $with->touched = array_diff_key($this->touched, $theirs);

        return $with;
    }

    /**
     * @param list<Membership> $members
     * @param string|null $group the name of these members, of whom each day is then counted once; null: they have none
     *
     * @return list<DayStrength> for $days dates from the first on
     */
    public function of(array $members, LocalDate $first, int $days, ?string $group = null): array
    {
        $strengths = [];
        for ($day = 0, $date = $first; $day < $days; ++$day, $date = $date->plus(1)) {
            $strengths[] =
                $group === null
                    ? $this->on($members, $date)
                    : ($this->counted[$group][$date->day] ??= $this->on($members, $date));
        }

        return $strengths;
    }

    /** @param list<Membership> $members */
    private function on(array $members, LocalDate $date): DayStrength
    {
        $there = $expected = 0;
        foreach ($members as $member) {
            if ($member->isOn($date)) {
                $id = $member->personId;
                [$works, $would] = $this->known[$id][$date->day] ??= $this->day($this->roster->people[$id], $date);
                $there += $works ? 1 : 0;
                $expected += $would ? 1 : 0;
            }
        }

        return new DayStrength($date, $there, $expected);
    }

    /**
     * Days on which fewer than there should be are there with an absence more, and it makes the difference.
     *
     * @param list<Membership> $members the person among them
     * @param string|null      $group   as of()
     *
     * @return list<DayStrength> as they would be
     */
    public function shortBy(Absence $absence, array $members, int $minimum, ?string $group = null): array
    {
        $presence = $this->roster->presenceOf($absence->personId);
        $first = $presence->zone()->dateAt($absence->span->from);
        $count = $presence->zone()->dateAt($absence->span->to - 1)->day - $first->day + 1;
        $short = [];
        $own = array_filter($members, static fn(Membership $member): bool => $member->personId === $absence->personId);
        foreach ($this->of($members, $first, $count, $group) as $day) {
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
        if (!$person->active || !self::isMember($person, $date) || $person->hours->spansOf($date) === []) {
            return [false, false];
        }

        return [
            !$this->isTouched($person->id, $date) || $this->roster->presenceOf($person->id)->spansOf($date) !== [],
            true,
        ];
    }

    private static function isMember(Person $person, LocalDate $date): bool
    {
        if ($person->memberFrom === null && $person->memberUntil === null) {
            return true;
        }
        $noon = $person->hours->zone()->instant($date, 12 * 60);

        return ($person->memberFrom ?? $noon) <= $noon && $noon < ($person->memberUntil ?? PHP_INT_MAX);
    }

    /** Whether an absence takes anything of what they work on a day, which may go on past its midnight. */
    private function isTouched(string $personId, LocalDate $date): bool
    {
        if (!isset($this->touched[$personId])) {
            $this->touched[$personId] = [];
            $zone = $this->roster->people[$personId]->hours->zone();
            foreach ($this->roster->absencesOf($personId) as $absence) {
                $this->touched[$personId] += array_fill_keys(
                    range($zone->dateAt($absence->span->from)->day - 1, $zone->dateAt($absence->span->to - 1)->day),
                    true,
                );
            }
        }

        return isset($this->touched[$personId][$date->day]);
    }
}
