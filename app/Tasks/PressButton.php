<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Rulebook\Event\Pressed;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;

/** Somebody presses the button of a rule on a task. */
final readonly class PressButton
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, string $ruleId, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'pressed',
                static fn(TaskSubject $subject): TaskSubject => $subject,
                happened: [new Trigger(Pressed::kind(), $ruleId, CarbonImmutable::now()->getTimestamp())],
            ),
            Actor::user($by),
        );
    }
}
