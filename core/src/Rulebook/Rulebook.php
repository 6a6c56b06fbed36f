<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\FieldCatalogue;

/** The ordered set of assignment rules, and the fields they may ask about. */
final readonly class Rulebook
{
    /** @param list<Rule> $rules in the order in which they are asked */
    public function __construct(public FieldCatalogue $fields, public array $rules) {}
}
