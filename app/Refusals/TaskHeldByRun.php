<?php

declare(strict_types=1);

namespace App\Refusals;

/** A task on which a runsheet runs is not completed before that is over. */
final class TaskHeldByRun extends Refused
{
    public static function open(): self
    {
        return new self('task_held_by_run.open');
    }
}
