<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Text\PlainWords;
use OpenBaton\Core\Text\ValueWords;

/** What a house makes tasks and cases of: kinds of task, checklists, tracks, and how it says values. */
final readonly class TaskCatalogue
{
    /**
     * @param array<array-key, TaskKind>  $kinds      by id
     * @param array<array-key, Checklist> $checklists by id
     * @param array<array-key, Track>     $tracks     of cases, by id
     * @param array<array-key, string>    $runsheets  names of those that are published, by id
     */
    public function __construct(
        public array $kinds = [],
        public array $checklists = [],
        public ValueWords $words = new PlainWords(new FieldCatalogue([])),
        public array $tracks = [],
        public array $runsheets = [],
    ) {}
}
