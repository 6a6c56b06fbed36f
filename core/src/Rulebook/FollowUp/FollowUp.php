<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;

/** What a rule does to the task besides giving it to somebody. */
interface FollowUp extends Part
{
    /** @param string|null $assigneeId whoever got the task, if anybody did */
    public function effect(ChangeSet $change, Roster $roster, ?string $assigneeId): Effect;
}
