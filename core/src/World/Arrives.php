<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Subject\ChangeSet;

/** A task arrives, a case is opened, or a customer is added. */
final readonly class Arrives implements Happening
{
    public function __construct(public ChangeSet $change) {}

    public function id(): string
    {
        return $this->change->id;
    }

    public function at(): int
    {
        return $this->change->at;
    }

    public function in(WorldState $state): iterable
    {
        yield new ChainOf($this->change->id, $state->run($state->arrival($this->change)));
    }
}
