<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** A run as another version of its runsheet has it. */
final readonly class MovedRun
{
    /**
     * @param list<RunAct> $gone   open steps that the other version does not have: their work is withdrawn, or left
     * @param list<string> $passed keys of steps that count as skipped, since they stand before what is open
     */
    public function __construct(public RunAdvance $advance, public array $gone, public array $passed) {}
}
