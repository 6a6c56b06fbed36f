<?php

declare(strict_types=1);

namespace App\Bridge\Outside;

use App\Bridge\LockedHouse;
use App\DomainEvents\EventLog;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Subject;

/**
 * Records an effect on what is no task, within the transaction of its decision.
 *
 * @template TEffect of ReachesOutside
 */
interface OutsideRecorder
{
    /** @return class-string<TEffect> */
    public static function records(): string;

    /**
     * @param TEffect         $effect of a decision on the subject
     * @param list<ChangeSet> $made   what came into being by the decision
     */
    public function record(
        ReachesOutside $effect,
        Subject $of,
        LockedHouse $locked,
        EventLog $events,
        array $made,
    ): void;
}
