<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\Part;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Effect;
use OpenBaton\Core\Routing\Event;

/** What a rule does to the task besides giving it to somebody. */
interface FollowUp extends Part
{
    /** @param string|null $assigneeId whoever got the task, if anybody did */
    public function effect(Event $event, Roster $roster, ?string $assigneeId): Effect;
}
