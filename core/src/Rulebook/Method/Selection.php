<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Workload\LoadView;

/** What a method chooses from. */
final readonly class Selection
{
    /**
     * @param non-empty-list<Membership> $eligible in the order of the pool
     * @param list<Membership>           $pool     everyone in the pool, eligible or not
     */
    public function __construct(
        public array $eligible,
        public array $pool,
        public Rotations $rotations,
        public LoadView $load,
        private Roster $roster,
    ) {}

    public function level(Membership $member, string $skill): int
    {
        return $this->roster->people[$member->personId]->level($skill);
    }
}
