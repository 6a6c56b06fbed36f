<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

/** What a gate waits for. */
final readonly class Missing
{
    /**
     * @param string      $kind     of the gate
     * @param string      $what     id of the task, path of the field, key of the approval or of the runsheet
     * @param string|null $holderId who is to see to it; null: nobody has it
     */
    public function __construct(public string $kind, public string $what, public ?string $holderId = null) {}
}
