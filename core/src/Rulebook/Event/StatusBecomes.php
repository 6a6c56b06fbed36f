<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\TaskStatus;

/** It enters one of these statuses; arriving in one counts. */
final readonly class StatusBecomes implements EventKind, TaskOnly
{
    /**
     * @param non-empty-list<TaskStatus> $statuses
     * @param list<TaskStatus>|null      $from     null: from any
     */
    public function __construct(public array $statuses, public ?array $from = null) {}

    public static function kind(): string
    {
        return 'status_becomes';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('statuses', new ListOf(new Choice(TaskStatus::class))),
            Parameter::optional('from', new ListOf(new Choice(TaskStatus::class)), null),
        ];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) &&
            in_array($change->task()?->status, $this->statuses, true) &&
            ($this->from === null || in_array($change->taskBefore()?->status, $this->from, true));
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->taskBefore()?->status !== $change->task()?->status;
    }
}
