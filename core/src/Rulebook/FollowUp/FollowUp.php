<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Subject\Effect\Effect;

/** What a rule does to the task besides giving it to somebody. */
interface FollowUp extends Part
{
    /** @return Effect|null null: there is nothing for it to do */
    public function effect(Situation $situation): ?Effect;
}
