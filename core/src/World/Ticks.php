<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

/** The clock is looked at: all that has fallen due since it was last happens, in order of time. */
final readonly class Ticks implements Happening
{
    public function __construct(private string $id, private int $at) {}

    public function id(): string
    {
        return $this->id;
    }

    public function at(): int
    {
        return $this->at;
    }

    public function in(WorldState $state): iterable
    {
        for ($number = 1; ($due = $state->due($this->at)) !== null; ++$number) {
            yield new ChainOf(
                "{$this->id}:{$number}",
                $state->fire($due, "{$this->id}:{$number}", $this->at),
                $due->at,
            );
        }
        $state->ticked($this->at);
    }
}
