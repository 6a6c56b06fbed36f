<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

/** Something that happens in a world. */
interface Happening
{
    public function id(): string;

    /** @return int instant */
    public function at(): int;

    /** @return iterable<ChainOf> the chains that it begins, each carried out before the next is asked for */
    public function in(WorldState $state): iterable;
}
