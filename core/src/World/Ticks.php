<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Subject\Cause;

/**
 * The clock is looked at: all that has fallen due since it was last happens, in order of time, and approvals that
 * nobody has answered are settled.
 */
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
        for ($number = 1; ($over = $state->approvalOver($this->at)) !== null; ++$number) {
            [$asked, $after] = $over;
            $id = "{$this->id}:approval-{$number}";
            yield new ChainOf($id, $state->goOn($asked, $after, $id, $this->at, Cause::Timer));
        }
    }
}
