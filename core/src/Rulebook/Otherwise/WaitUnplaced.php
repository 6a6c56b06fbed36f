<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\NoParameters;

final readonly class WaitUnplaced implements Otherwise
{
    use NoParameters;

    public static function kind(): string
    {
        return 'unplaced';
    }

    public function settle(Roster $roster, int $at): Fallback
    {
        return new Fallback(waits: true);
    }
}
