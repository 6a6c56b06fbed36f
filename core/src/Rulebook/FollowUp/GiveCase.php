<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\Effect\CaseGiven;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\TaskSubject;

/** Whoever holds the task owns its case from then on. */
final readonly class GiveCase implements ActsBeyond, ActsOnCase, TaskOnly, StepAct
{
    use NoParameters;

    public static function kind(): string
    {
        return 'case_owner';
    }

    public function actsOnCase(): bool
    {
        return true;
    }

    public function effect(Situation $situation): ?Effect
    {
        $task = $situation->subject;

        return $task instanceof TaskSubject && $task->caseId !== null && $task->holderId !== null
            ? new CaseGiven($task->caseId, $task->holderId)
            : null;
    }
}
