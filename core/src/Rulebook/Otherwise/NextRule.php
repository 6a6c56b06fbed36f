<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\NoParameters;

final readonly class NextRule implements Otherwise
{
    use NoParameters;

    public static function kind(): string
    {
        return 'next_rule';
    }

    public function settle(Roster $roster, Facts $facts, int $at, array $otherSeatIds = []): ?Fallback
    {
        return null;
    }
}
