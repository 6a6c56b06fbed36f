<?php

declare(strict_types=1);

namespace App\Fields;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Time\Zone;

/** What values are given in. */
final readonly class FieldContext
{
    /** @param Zone $zone of the house, in which moments are days */
    public function __construct(public FieldCatalogue $catalogue, public Zone $zone) {}
}
