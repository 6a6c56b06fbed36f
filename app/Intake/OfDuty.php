<?php

declare(strict_types=1);

namespace App\Intake;

use OpenBaton\Core\Rulebook\OwnGive;

/** That a task is one of a standing duty, and what comes with it. */
final readonly class OfDuty
{
    /** @param list<string> $items of its checklist */
    public function __construct(
        public string $id,
        public string $slug,
        public array $items = [],
        public ?OwnGive $give = null,
    ) {}
}
