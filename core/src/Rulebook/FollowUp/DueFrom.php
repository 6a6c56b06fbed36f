<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Subject\Effect\DueImpossible;
use OpenBaton\Core\Subject\Effect\DueSet;
use OpenBaton\Core\Subject\Effect\Effect;

/** Due at a distance from a date field, once and for all. */
final readonly class DueFrom extends DueByDate
{
    public static function kind(): string
    {
        return 'due_from';
    }

    public function effect(Situation $situation): Effect
    {
        $due = $this->follow()->instant($situation->subject, $situation->roster->house);

        return $due === null ? new DueImpossible() : new DueSet($due);
    }
}
