<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

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
}
