<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\PrioritySet;
use OpenBaton\Core\Workload\Priority;

/** Sets the priority. */
final readonly class SetPriority implements TaskOnly, StepAct
{
    public function __construct(public Priority $priority) {}

    public static function kind(): string
    {
        return 'priority';
    }

    public static function parameters(): array
    {
        return [Parameter::required('priority', new Choice(Priority::class))];
    }

    public function effect(Situation $situation): Effect
    {
        return new PrioritySet($this->priority);
    }
}
