<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Subject\Effect\DueFollowing;
use OpenBaton\Core\Subject\Effect\Effect;

/** Due at a distance from a date field, and moving with it until a person sets it by hand. */
final readonly class DueFollows extends DueByDate
{
    public static function kind(): string
    {
        return 'due_follows';
    }

    public function effect(Situation $situation): Effect
    {
        $follow = $this->follow();

        return new DueFollowing($follow, $follow->instant($situation->subject, $situation->roster->house));
    }
}
