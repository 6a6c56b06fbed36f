<?php

declare(strict_types=1);

namespace App\Absences;

use OpenBaton\Core\Absence\CoverMove;

/** What was moved under one lock. */
final readonly class MovedPiece
{
    /**
     * @param int             $count   tasks that have moved
     * @param list<CoverMove> $left    of the same person
     * @param list<string>    $keepers slugs of those with whom something stays
     */
    public function __construct(public int $count, public array $left, public array $keepers) {}
}
