<?php

declare(strict_types=1);

namespace App\Rules;

use OpenBaton\Core\Criteria\Fault;

final readonly class SavedDraft
{
    /**
     * @param int         $revision of the drafts of the house, from now on
     * @param list<Fault> $faults   what stands against publishing it
     */
    public function __construct(public int $revision, public array $faults) {}
}
