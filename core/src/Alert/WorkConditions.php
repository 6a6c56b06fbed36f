<?php

declare(strict_types=1);

namespace OpenBaton\Core\Alert;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** What of the work in hand, and of who is there, leads want to know. */
final readonly class WorkConditions
{
    /** So far ahead a working day is looked for. */
    private const DAYS = 14;

    /**
     * @param int $percent of load, above which somebody has too much
     * @param int $minutes by which a task is late at least
     */
    public function __construct(private Roster $roster, private int $percent, private int $minutes) {}

    /**
     * @param int $now instant
     *
     * @return list<Condition>
     */
    public function of(Work $work, int $now): array
    {
        $conditions = [];
        foreach ($this->roster->people as $person) {
            $held = $work->held($person->id);
            if (!$person->active || $held->loading === []) {
                continue;
            }
            $plan = LoadPlanner::ofPerson($person, $this->roster, $held->loading, $now);
            if ($plan->ratio()->exceedsPercent($this->percent)) {
                $conditions[] = new Condition(AlertKind::Overload, $person->id, $plan->ratio()->percent());
            }
            array_push($conditions, ...$this->late($held->loading, $plan, $now));
        }

        return [...$conditions, ...$this->skills($now)];
    }

    /**
     * What is late already is told otherwise: here is what will be.
     *
     * @param list<WorkItem> $items
     *
     * @return list<Condition>
     */
    private function late(array $items, LoadPlan $plan, int $now): array
    {
        $conditions = [];
        foreach ($items as $item) {
            $finish = $plan->finishes[$item->id] ?? null;
            // Of what is due beyond the plan it is not known yet.
            $isLate =
                $item->dueAt !== null &&
                $item->dueAt > $now &&
                ($finish === null
                    ? $item->dueAt <= $plan->horizonEnd - $this->minutes * 60
                    : $finish >= $item->dueAt + $this->minutes * 60);
            if ($isLate) {
                $conditions[] = new Condition(AlertKind::CannotBeInTime, $item->id, $finish);
            }
        }

        return $conditions;
    }

    /** @return list<Condition> skills that somebody has, and nobody on the next working day */
    private function skills(int $now): array
    {
        $day = $this->nextWorkingDay($now);
        if ($day === null) {
            return [];
        }
        $had = $there = [];
        foreach ($this->roster->people as $person) {
            if ($person->active) {
                $had += $person->skills;
                $there += $this->isThere($person, $day) ? $person->skills : [];
            }
        }

        return array_map(
            static fn(int|string $skill): Condition => new Condition(AlertKind::SkillMissing, (string) $skill),
            array_keys(array_diff_key($had, $there)),
        );
    }

    private function isThere(Person $person, LocalDate $day): bool
    {
        return $this->roster->presenceOf($person->id)->spansOf($day) !== [];
    }

    private function nextWorkingDay(int $now): ?LocalDate
    {
        $day = $this->roster->house->zone()->dateAt($now);
        for ($days = 0; $days < self::DAYS; ++$days) {
            $day = $day->plus(1);
            if ($this->roster->house->spansOf($day) !== []) {
                return $day;
            }
        }

        return null;
    }
}
