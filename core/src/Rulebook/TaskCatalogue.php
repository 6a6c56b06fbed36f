<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Text\PlainWords;
use OpenBaton\Core\Text\ValueWords;

/** What a house makes tasks of: their kinds, the checklists that it keeps, and how it says values. */
final readonly class TaskCatalogue
{
    /**
     * @param array<array-key, TaskKind>  $kinds      by id
     * @param array<array-key, Checklist> $checklists by id
     */
    public function __construct(
        public array $kinds = [],
        public array $checklists = [],
        public ValueWords $words = new PlainWords(new FieldCatalogue([])),
    ) {}
}
