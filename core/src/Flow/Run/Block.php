<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Rulebook\Condition;

/** A part of a runsheet: a step, or what holds others together. */
interface Block
{
    public function key(): string;

    /** @return Condition|null under which it applies; null: always */
    public function condition(): ?Condition;

    /** @return list<Block> directly within it */
    public function within(): array;
}
