<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\HouseState;
use App\Bridge\Snapshot;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\ChangeSet;

/** A task that arrives, with all that its decision takes but work in hand and rotations: these are read under the lock. */
final readonly class ReadyToRoute
{
    public Needs $needs;

    /** @param HouseState $state how house and rulebook were when it was made ready; where they are otherwise by now, it is not */
    public function __construct(
        public Arrival $arrival,
        public IncomingTask $task,
        public ChangeSet $change,
        public Router $router,
        public Snapshot $house,
        public HouseState $state,
    ) {
        $this->needs = $router->needs($change);
    }
}
