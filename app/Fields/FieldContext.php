<?php

declare(strict_types=1);

namespace App\Fields;

use OpenBaton\Core\Criteria\FieldCatalogue;

/** What values are given in. */
final readonly class FieldContext
{
    public function __construct(public FieldCatalogue $catalogue) {}
}
