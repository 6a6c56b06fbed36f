<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\ChangeSet;

/**
 * An effect that changes other tasks, or makes some: the chain carries that on, and records it as it does all tasks.
 */
interface ReachesOthers extends Effect
{
    /** As it can be carried out here; null: not at all. */
    public function admitted(Admission $admission): ?Effect;

    public function reach(Reach $reach): void;

    /** Whether a change of another task may have come from it. */
    public function broughtAbout(ChangeSet $change): bool;

    /** Whether it would do more each time that its rule acts, although the task is as it was. */
    public function accumulates(): bool;
}
