<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Document\KindOnly;
use OpenBaton\Core\People\Roster;

final readonly class NextRule implements Otherwise
{
    use KindOnly;

    public static function kind(): string
    {
        return 'next_rule';
    }

    public function settle(Roster $roster, int $at): ?Settlement
    {
        return null;
    }
}
