<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\TaskStatus;

/** It leaves one of these statuses. */
final readonly class StatusLeaves implements EventKind, TaskOnly
{
    /** @param non-empty-list<TaskStatus> $statuses */
    public function __construct(public array $statuses) {}

    public static function kind(): string
    {
        return 'status_leaves';
    }

    public static function parameters(): array
    {
        return [Parameter::required('statuses', new ListOf(new Choice(TaskStatus::class)))];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) && in_array($change->taskBefore()?->status, $this->statuses, true);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->taskBefore() !== null && $change->taskBefore()->status !== $change->task()?->status;
    }
}
