<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;

/** For parts that refer to nothing in the house. */
trait NothingToCheck
{
    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        return [];
    }
}
