<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

/** Whether new work may come to a person at an instant, with all that stands against it; and where they are then. */
final readonly class Availability
{
    public function __construct(private Roster $roster) {}

    /** @return list<Unavailability> empty where nothing does */
    public function reasonsAgainst(Person $person, int $at): array
    {
        $found = [];
        if (!$person->active) {
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

    /** @return list<Unavailability> what stands against work that waits until they are back */
    public function againstButAbsence(Person $person, int $at): array
    {
        return array_values(
            array_filter(
                $this->reasonsAgainst($person, $at),
                static fn(Unavailability $one): bool => $one !== Unavailability::Absent,
            ),
        );
    }

    public function presence(Person $person, int $at): Presence
    {
        $against = $this->reasonsAgainst($person, $at);
        $order = [
            [Unavailability::Inactive, Presence::Inactive],
            [Unavailability::NoLongerMember, Presence::Gone],
            [Unavailability::NotYetMember, Presence::ToCome],
            [Unavailability::Absent, Presence::Away],
            [Unavailability::Paused, Presence::Paused],
        ];
        foreach ($order as [$reason, $presence]) {
            if (in_array($reason, $against, true)) {
                return $presence;
            }
        }

        return $this->roster->isOn($person->id, $at) ? Presence::In : Presence::Off;
    }
}
