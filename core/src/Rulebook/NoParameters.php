<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** For parts that say all by their kind. */
trait NoParameters
{
    public static function parameters(): array
    {
        return [];
    }
}
