<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Flow\Moved;

/** A chain, and what began it. */
final readonly class ChainOf
{
    /**
     * @param int|null    $due     instant for which a timer meant it; null: it was no timer
     * @param Moved|null  $refused why a case was not moved or closed, so that nothing has happened
     * @param string|null $caseId  of that case
     */
    public function __construct(
        public string $event,
        public ChainResult $chain,
        public ?int $due = null,
        public ?Moved $refused = null,
        public ?string $caseId = null,
    ) {}
}
