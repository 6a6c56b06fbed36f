<?php

declare(strict_types=1);

namespace App\Bridge\Outside;

use App\Bridge\LockedHouse;
use App\DomainEvents\About;
use App\DomainEvents\EventLog;
use App\DomainEvents\PeopleTold;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Effect\Told;
use OpenBaton\Core\Subject\Subject;

/** @implements OutsideRecorder<Told> */
final class RecordTold implements OutsideRecorder
{
    public static function records(): string
    {
        return Told::class;
    }

    public function record(
        ReachesOutside $effect,
        Subject $of,
        LockedHouse $locked,
        EventLog $events,
        array $made,
    ): void {
        $events->add(
            About::subject($of),
            null,
            new PeopleTold($locked->house->snapshot->idsOf($effect->people), $effect->text),
        );
    }
}
