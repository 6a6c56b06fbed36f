<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Part;

/** The people a rule may choose from. */
interface Pool extends Part
{
    /**
     * Each person once, in the order that the pool gives them, with the weight of their turns.
     *
     * @return list<Membership>
     */
    public function members(Roster $roster, Facts $facts): array;

    /** Whether it stands for one certain person, for whom a substitute is asked when they are absent. */
    public function namesOne(): bool;
}
