<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Trial;

/** One thing that happens in a run that is tried out. */
final readonly class TrialDeed
{
    /**
     * @param string $step    key; of TrialDeedKind::Later none
     * @param int    $minutes of TrialDeedKind::Later: of working time of the house
     */
    public function __construct(public TrialDeedKind $kind, public string $step = '', public int $minutes = 0) {}
}
