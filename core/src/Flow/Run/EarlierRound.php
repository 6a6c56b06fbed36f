<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** A round of a block that was followed by another. */
final readonly class EarlierRound
{
    public function __construct(public string $key, public BlockState $state) {}
}
