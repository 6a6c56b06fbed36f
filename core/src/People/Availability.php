<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

/** Whether new work may come to a person at an instant. All that stands against it is named. */
final readonly class Availability
{
    public function __construct(private Roster $roster) {}

    /** @return list<Unavailability> empty where nothing does */
    public function reasonsAgainst(Person $person, int $at): array
    {
        $found = [];
        if (! $person->active) {
            $found[] = Unavailability::Inactive;
        }
        if ($person->memberFrom !== null && $at < $person->memberFrom) {
            $found[] = Unavailability::NotYetMember;
        }
        if ($person->memberUntil !== null && $at >= $person->memberUntil) {
            $found[] = Unavailability::NoLongerMember;
        }
        if ($person->isPausedAt($at)) {
            $found[] = Unavailability::Paused;
        }
        if ($this->roster->absenceOf($person->id, $at) !== null) {
            $found[] = Unavailability::Absent;
        }

        return $found;
    }
}
