<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** A change to the task that a decision makes. */
interface Effect
{
    /** The task as it is after it. */
    public function on(Subject $subject): Subject;

    /** @return array<string, mixed> as it stands in the trace, with its "effect" */
    public function write(): array;
}
