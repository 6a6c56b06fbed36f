<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Flow\Gate\Missing;

/** A gate that a case can not pass yet. */
final readonly class ClosedGate
{
    /**
     * @param string                  $stage   key
     * @param bool                    $leaving of those to leave it; else of those to enter it
     * @param non-empty-list<Missing> $missing
     */
    public function __construct(public string $stage, public bool $leaving, public array $missing) {}
}
