<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\LocalDate;

/** What criteria see of a change: the values of its subject after it and before it, and what they look up. */
final readonly class ChangeFacts
{
    public function __construct(private Roster $roster, private Lookups $lookups) {}

    /** The same in another roster. */
    public function in(Roster $roster): self
    {
        return new self($roster, $this->lookups->and($roster->lookups));
    }

    /** @param int $at instant */
    public function of(?Subject $before, Subject $after, int $at): Facts
    {
        $values = $this->values($after);
        $valuesBefore = $before === null ? null : ($before === $after ? $values : $this->values($before));

        $facts = new Facts(
            $values,
            $this->roster->house->zone()->dateAt($at),
            $valuesBefore,
            together: array_slice($after->holderIds(), 1),
        );

        return $this->lookedUp($facts, $at, [...$before?->holderIds() ?? [], ...$after->holderIds()]);
    }

    /**
     * With all that is looked up, where it was not when they were recorded.
     *
     * @param int          $at      instant
     * @param list<string> $holders whom values do not name where several hold the task
     */
    public function lookedUp(Facts $facts, int $at, array $holders = []): Facts
    {
        $moment = MomentFields::values($this->lookups->moments, $at, $this->roster, $facts->values);
        $teams = $this->lookups->teams
            ? $this->teams($facts->today, $facts->values, $facts->before ?? [], $holders)
            : [];

        return new Facts(
            $facts->values + $moment,
            $facts->today,
            $facts->before === null ? null : $facts->before + $moment,
            $facts->days + $this->days($at),
            $facts->teams + $teams,
            $facts->together,
            $facts->kin,
        );
    }

    /** @return array<string, string|int|float|bool|list<string>> by path */
    private function values(Subject $subject): array
    {
        return $subject->seen($this->roster->house->zone());
    }

    /** @return array<string, string> */
    private function days(int $at): array
    {
        $days = [];
        foreach ($this->lookups->days as $text => $day) {
            $date = $day->at($at, $this->roster->house);
            if ($date instanceof LocalDate) {
                $days[$text] = $date->format();
            }
        }

        return $days;
    }

    /**
     * Of every person whom a value names, before or after.
     *
     * @param array<array-key, mixed> ...$values
     *
     * @return array<array-key, list<string>>
     */
    private function teams(LocalDate $today, array ...$values): array
    {
        $teams = [];
        foreach ($values as $one) {
            foreach ($one as $value) {
                if (is_string($value) && isset($this->roster->people[$value])) {
                    $teams[$value] ??= $this->roster->countedIn($value, $today);
                }
            }
        }

        return $teams;
    }
}
