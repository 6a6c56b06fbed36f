<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;

/** What rules are read against: the kinds of parts there are, and what the house has that they may name. */
final readonly class RuleContext
{
    /**
     * @param Roster|null        $roster        null: whom and what the rules name is not checked
     * @param TaskCatalogue|null $taskCatalogue likewise
     */
    public function __construct(
        public KindRegistry $kinds,
        public FieldCatalogue $fields,
        public ?Roster $roster = null,
        public ?TaskCatalogue $taskCatalogue = null,
    ) {}
}
