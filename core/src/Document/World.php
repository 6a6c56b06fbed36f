<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use Generator;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\Work;

/** Everything that decisions depend on, and the events to decide. */
final readonly class World
{
    /**
     * @param int             $clock  instant
     * @param list<ChangeSet> $events in the order of time
     */
    public function __construct(
        public int $clock,
        public Roster $roster,
        public Rulebook $rulebook,
        public Rotations $rotations,
        public Work $work,
        public array $events,
    ) {}

    /**
     * Routes the events one after the other; load and rotations carry along.
     *
     * @return Generator<int, Decision>
     */
    public function decisions(string $rulebookVersion = 'as given'): Generator
    {
        $router = new Router($this->roster, CompiledRulebook::compile($this->rulebook, $rulebookVersion));
        [$work, $rotations] = [$this->work, $this->rotations];
        foreach ($this->events as $event) {
            $decision = $router->decide($event, $work, $rotations);
            $work = $decision->workAfter($work);
            $rotations = $decision->rotationsAfter($rotations);
            yield $decision;
        }
    }
}
