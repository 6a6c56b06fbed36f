<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\PrioritySet;
use OpenBaton\Core\Subject\TaskSubject;

/** Raises or lowers the priority by one; at the end it stays. */
final readonly class StepPriority implements TaskOnly, FollowUp
{
    public function __construct(public PriorityStep $step) {}

    public static function kind(): string
    {
        return 'priority_step';
    }

    public static function parameters(): array
    {
        return [Parameter::required('step', new Choice(PriorityStep::class))];
    }

    public function effect(Situation $situation): ?Effect
    {
        $task = $situation->subject;

        return $task instanceof TaskSubject
            ? new PrioritySet($task->priority->stepped($this->step === PriorityStep::Up ? 1 : -1))
            : null;
    }
}
