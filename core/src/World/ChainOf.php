<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Chain\ChainResult;

/** A chain, and what began it. */
final readonly class ChainOf
{
    /** @param int|null $due instant for which a timer meant it; null: it was no timer */
    public function __construct(public string $event, public ChainResult $chain, public ?int $due = null) {}
}
