<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\HouseAt;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * A task that arrives, with all that its decision takes but work in hand and rotations: these are read under the lock.
 */
final readonly class ReadyToRoute
{
    public Needs $needs;

    /** @param HouseAt $house where it decides otherwise by now, this is not ready any more */
    public function __construct(
        public Arrival $arrival,
        public IncomingTask $task,
        public ChangeSet $change,
        public TaskSubject $subject,
        public HouseAt $house,
    ) {
        $this->needs = $house->router()->needs($change);
    }
}
