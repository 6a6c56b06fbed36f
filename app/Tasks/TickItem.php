<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\TaskSubject;

/** Ticks an item of a task's checklist, or takes the tick away. */
final readonly class TickItem
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, string $item, bool $done, User $by): Task
    {
        return ($this->edit)(
            $task->id,
            null,
            new Edit(
                $done ? 'ticked' : 'unticked',
                static fn(TaskSubject $subject): TaskSubject => $subject->with([
                    'checklist' => array_map(
                        static fn(ChecklistItem $one): ChecklistItem => $one->text === $item
                            ? new ChecklistItem($one->text, $done)
                            : $one,
                        $subject->checklist,
                    ),
                ]),
            ),
            Actor::user($by),
        );
    }
}
