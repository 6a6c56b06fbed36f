<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Rulebook\NoParameters;

/** The first who is eligible, in the order of the pool. */
final readonly class InOrder implements Method
{
    use FirstOfAll;
    use NoParameters;

    public static function kind(): string
    {
        return 'in_order';
    }
}
