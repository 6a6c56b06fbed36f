<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\StatusImpossible;
use OpenBaton\Core\Subject\Effect\StatusSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Transitions;
use OpenBaton\Core\Workload\TaskStatus;

/** Sets the status, where a transition leads to it. */
final readonly class SetStatus implements TaskOnly, StepAct
{
    public function __construct(public TaskStatus $status) {}

    public static function kind(): string
    {
        return 'status';
    }

    public static function parameters(): array
    {
        return [Parameter::required('status', new Choice(TaskStatus::class))];
    }

    public function effect(Situation $situation): ?Effect
    {
        $task = $situation->subject;
        if (!($task instanceof TaskSubject)) {
            return null;
        }

        $isHeld = $this->status === TaskStatus::Done && $task->runs > $situation->ownRuns();

        return Transitions::leads($task->status, $this->status) &&
            !$isHeld &&
            ($task->answers === null || $this->status->wantsHolder())
            ? new StatusSet($this->status)
            : new StatusImpossible($this->status);
    }
}
