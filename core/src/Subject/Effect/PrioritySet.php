<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Priority;

final readonly class PrioritySet implements Effect
{
    public function __construct(public Priority $priority) {}

    public static function code(): string
    {
        return 'priority_set';
    }

    public function on(Subject $subject): Subject
    {
        return $subject instanceof TaskSubject ? $subject->prioritised($this->priority) : $subject;
    }

    public function write(): array
    {
        return ['priority' => $this->priority->value];
    }
}
