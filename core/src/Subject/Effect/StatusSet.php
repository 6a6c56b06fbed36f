<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

final readonly class StatusSet implements Effect
{
    public function __construct(public TaskStatus $status) {}

    public static function code(): string
    {
        return 'status_set';
    }

    public function on(Subject $subject): Subject
    {
        return $subject instanceof TaskSubject ? $subject->inStatus($this->status) : $subject;
    }

    public function write(): array
    {
        return ['status' => $this->status->value];
    }
}
