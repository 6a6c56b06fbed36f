<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

/** Whether new work may come to a person at an instant. All that stands against it is named. */
final readonly class Availability
{
    public function __construct(private Roster $roster) {}

    /** @return list<Barrier> empty where nothing does */
    public function barriers(Person $person, int $at): array
    {
        $found = [];
        if (! $person->active) {
            $found[] = Barrier::Inactive;
        }
        if ($person->memberFrom !== null && $at < $person->memberFrom) {
            $found[] = Barrier::NotYetMember;
        }
        if ($person->memberUntil !== null && $at >= $person->memberUntil) {
            $found[] = Barrier::NoLongerMember;
        }
        if ($person->pausedUntil !== null && $at < $person->pausedUntil) {
            $found[] = Barrier::Paused;
        }
        if ($this->roster->absenceOf($person->id, $at) !== null) {
            $found[] = Barrier::Absent;
        }

        return $found;
    }
}
