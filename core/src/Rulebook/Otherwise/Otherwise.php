<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Part;

/** What a rule does when it holds and finds nobody. */
interface Otherwise extends Part
{
    /**
     * @param list<string> $otherSeatIds who is in the other seat of the task
     *
     * @return Fallback|null null: the next rule is asked
     */
    public function settle(Roster $roster, Facts $facts, int $at, array $otherSeatIds = []): ?Fallback;
}
