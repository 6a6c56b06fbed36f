<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use Generator;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Work;

/** Everything that decisions depend on, and what happens. */
final readonly class World
{
    /**
     * @param int             $clock  instant
     * @param list<Happening> $events in the order of time
     * @param list<TaskSubject> $tasks that are there at the beginning
     * @param list<CaseSubject> $cases likewise
     * @param list<CustomerSubject> $customers likewise; others are as what there is for them says
     */
    public function __construct(
        public int $clock,
        public Roster $roster,
        public Rulebook $rulebook,
        public Rotations $rotations,
        public Work $work,
        public array $events,
        public TaskCatalogue $taskCatalogue = new TaskCatalogue(),
        public array $tasks = [],
        public array $cases = [],
        public array $customers = [],
    ) {}

    /**
     * Lets everything happen, one after the other; the state carries along.
     *
     * @return Generator<int, ChainOf>
     */
    public function chains(string $rulebookVersion = 'as given'): Generator
    {
        $state = new WorldState($this, $rulebookVersion);
        foreach ($this->events as $event) {
            foreach ($event->in($state) as $chain) {
                yield $chain;
            }
        }
    }

    /** @return Generator<int, Decision> all decisions, in order */
    public function decisions(string $rulebookVersion = 'as given'): Generator
    {
        foreach ($this->chains($rulebookVersion) as $chain) {
            foreach ($chain->chain->links as $link) {
                if ($link->decision !== null) {
                    yield $link->decision;
                }
            }
        }
    }
}
