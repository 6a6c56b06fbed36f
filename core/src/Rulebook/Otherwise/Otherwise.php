<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Document\Part;
use OpenBaton\Core\People\Roster;

/** What a rule does when it holds and finds nobody. */
interface Otherwise extends Part
{
    /** Null: the next rule is asked. */
    public function settle(Roster $roster, int $at): ?Settlement;
}
