<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\Snapshot;
use App\Bridge\Turn;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Router;

/** A task that arrives, with all that its decision takes but work in hand and rotations: these are seen in one's turn. */
final readonly class ReadyToRoute
{
    public Needs $needs;

    /** @param Turn $turn how house and rulebook were when it was made ready; where they are otherwise by now, it is not */
    public function __construct(
        public Arrival $arrival,
        public IncomingTask $task,
        public Event $event,
        public Router $router,
        public Snapshot $house,
        public Turn $turn,
    ) {
        $this->needs = $router->needs($event);
    }
}
