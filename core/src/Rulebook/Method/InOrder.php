<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Document\KindOnly;

/** The first who is eligible, in the order of the pool. */
final readonly class InOrder implements Method
{
    use FirstOfAll;
    use KindOnly;

    public static function kind(): string
    {
        return 'in_order';
    }
}
