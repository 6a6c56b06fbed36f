<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** What a rule would have had happen to a case, and why it could not. */
final readonly class RefusedMove
{
    /**
     * @param string|null      $to      key of the stage; null: it was to be closed
     * @param list<ClosedGate> $missing
     */
    public function __construct(public ?string $to, public MoveRefusal $why, public array $missing = []) {}
}
