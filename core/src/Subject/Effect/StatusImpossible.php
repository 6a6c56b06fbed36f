<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\TaskStatus;

/** A status was asked for to which no transition leads. */
final readonly class StatusImpossible implements Effect
{
    public function __construct(public TaskStatus $status) {}

    public static function code(): string
    {
        return 'status_impossible';
    }

    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return ['status' => $this->status->value];
    }
}
