<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\RunMoment;

/** A step that makes nothing: the run waits there. */
interface Waits extends StepKind
{
    /**
     * @param int                            $since   instant at which it opened
     * @param array<string, ApprovalOutcome> $answers by step
     */
    public function look(int $since, RunMoment $moment, array $answers): Waiting;
}
