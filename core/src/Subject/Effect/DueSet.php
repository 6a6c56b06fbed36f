<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

final readonly class DueSet implements Effect
{
    /** @param int $dueAt instant */
    public function __construct(public int $dueAt) {}

    public static function code(): string
    {
        return 'due_set';
    }

    public function on(Subject $subject): Subject
    {
        return $subject instanceof TaskSubject ? $subject->dueAt($this->dueAt) : $subject;
    }

    public function write(): array
    {
        return ['due' => Instant::format($this->dueAt)];
    }
}
