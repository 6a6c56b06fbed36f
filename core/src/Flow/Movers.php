<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\LocalDate;

/** Who may move a case out of a stage, besides leads, who may always. */
final readonly class Movers
{
    /** @param list<string> $teams whoever is counted in one of them */
    public function __construct(public bool $owner = true, public array $teams = [], public bool $anyone = false) {}

    public function equals(self $other): bool
    {
        return [$this->owner, $this->teams, $this->anyone] === [$other->owner, $other->teams, $other->anyone];
    }

    public function include(string $personId, ?string $ownerId, Roster $roster, LocalDate $today): bool
    {
        return $this->anyone ||
            ($this->owner && $personId === $ownerId) ||
            array_intersect($this->teams, $roster->countedIn($personId, $today)) !== [];
    }
}
