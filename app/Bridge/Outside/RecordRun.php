<?php

declare(strict_types=1);

namespace App\Bridge\Outside;

use App\Bridge\LockedHouse;
use App\DomainEvents\About;
use App\DomainEvents\EventLog;
use App\DomainEvents\RunWanted;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Effect\RunStarted;
use OpenBaton\Core\Subject\Subject;

/** @implements OutsideRecorder<RunStarted> */
final class RecordRun implements OutsideRecorder
{
    public static function records(): string
    {
        return RunStarted::class;
    }

    public function record(
        ReachesOutside $effect,
        Subject $of,
        LockedHouse $locked,
        EventLog $events,
        array $made,
    ): void {
        $events->add(About::subject($of), null, new RunWanted($effect->runsheet, $effect->ruleId));
    }
}
