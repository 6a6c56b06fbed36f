<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Flow\Moved;
use OpenBaton\Core\Flow\NotAsked;

/** A chain, and what began it. */
final readonly class ChainOf
{
    /**
     * @param int|null    $due     instant for which a timer meant it; null: it was no timer
     * @param Moved|NotAsked|null $refused why a case was not moved or closed, or an answer does not count: nothing has
     *                                     happened then
     * @param string|null         $subjectId  of what that is about
     */
    public function __construct(
        public string $event,
        public ChainResult $chain,
        public ?int $due = null,
        public Moved|NotAsked|null $refused = null,
        public ?string $subjectId = null,
    ) {}
}
