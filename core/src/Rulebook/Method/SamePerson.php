<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Document\KindOnly;

/** The one person whom the pool names; no choice. */
final readonly class SamePerson implements Method
{
    use FirstOfAll;
    use KindOnly;

    public static function kind(): string
    {
        return 'same_person';
    }
}
