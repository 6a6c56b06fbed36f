<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\WorkOnly;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\OwnerGiven;

/** Gives the customer the same owner as the task has. */
final readonly class GiveOwner implements ActsBeyond, WorkOnly, StepAct
{
    use NoParameters;

    public static function kind(): string
    {
        return 'customer_owner';
    }

    public function effect(Situation $situation): ?Effect
    {
        $subject = $situation->subject;

        return $subject->customerId === null || $subject->holderId === null
            ? null
            : new OwnerGiven($subject->customerId, $subject->holderId);
    }
}
