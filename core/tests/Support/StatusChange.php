<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\TaskStatus;

/** A kind of event with a status as its parameter, for tasks that exist already. */
abstract readonly class StatusChange implements EventKind
{
    final public function __construct(public TaskStatus $status) {}

    public static function parameters(): array
    {
        return [Parameter::required('status', new Choice(TaskStatus::class))];
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->before !== null;
    }
}
