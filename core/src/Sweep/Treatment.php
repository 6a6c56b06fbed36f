<?php

declare(strict_types=1);

namespace OpenBaton\Core\Sweep;

use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;

/** What is done to each of many tasks. */
interface Treatment
{
    /**
     * @param string $id unique, of what is done to the task
     * @param int    $at instant
     *
     * @return ChangeSet|null null: it is none of those that this is for
     */
    public function of(TaskSubject $subject, string $id, int $at): ?ChangeSet;
}
