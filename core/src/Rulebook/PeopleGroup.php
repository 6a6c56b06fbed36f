<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\Facts;

/** Some people, or everyone in a team. */
final readonly class PeopleGroup
{
    /** @param list<string> $people */
    public function __construct(public array $people, public ?string $team = null) {}

    /**
     * @param list<string> $personIds
     * @param Facts        $facts     with the teams of whoever the change concerns
     */
    public function hasAny(array $personIds, Facts $facts): bool
    {
        foreach ($personIds as $personId) {
            if ($this->has($personId, $facts)) {
                return true;
            }
        }

        return false;
    }

    /** @param Facts $facts with the teams of whoever the change concerns */
    public function has(?string $personId, Facts $facts): bool
    {
        return $personId !== null &&
            ($this->team === null
                ? in_array($personId, $this->people, true)
                : $facts->isInTeam($personId, $this->team));
    }
}
