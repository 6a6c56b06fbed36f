<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\TaskStatus;

/** A kind of event with a parameter: the task leaves a status. */
final readonly class StatusLeft implements EventKind
{
    public function __construct(public TaskStatus $status) {}

    public static function kind(): string
    {
        return 'status_left';
    }

    public static function parameters(): array
    {
        return [Parameter::required('status', new Choice(TaskStatus::class))];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return $change->before !== null && $change->before->status === $this->status;
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->before !== null;
    }
}
