<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** What came of a run that went on. */
final readonly class RunAdvance
{
    /** @param list<RunAct> $acts in the order of the runsheet; what is withdrawn before what opens */
    public function __construct(public Run $run, public array $acts) {}
}
