<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use OpenBaton\Core\Time\LocalDate;

final readonly class Team
{
    /** @param list<Membership> $members in the order of the team's list */
    public function __construct(
        public string $id,
        public string $name,
        public array $members,
        public ?string $parentId = null,
        public ?string $leadId = null,
    ) {}

    public function has(string $personId, LocalDate $date): bool
    {
        foreach ($this->members as $member) {
            if ($member->personId === $personId && $member->isOn($date)) {
                return true;
            }
        }

        return false;
    }
}
