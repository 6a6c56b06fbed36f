<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Rulebook\NoParameters;

/** The one person whom the pool names; no choice. */
final readonly class SamePerson implements Method
{
    use FirstOfAll;
    use NoParameters;

    public static function kind(): string
    {
        return 'same_person';
    }
}
