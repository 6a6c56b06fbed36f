<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Rulebook\Event\ApprovalSettled;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** What follows where an approval goes on: for the tasks of those who were asked, and for what is to be approved. */
final readonly class ApprovalGoesOn
{
    /** @param bool $wasOpen nobody has been told yet that it is settled */
    public function __construct(private string $name, public Approval $after, private bool $wasOpen) {}

    /** The task of somebody who was asked: done by the answer, taken back, or with whoever answers instead. */
    public function task(TaskSubject $task, int $place): TaskSubject
    {
        $is = $this->after->places[$place];

        return match (true) {
            $is->vote !== null => $task->inStatus(TaskStatus::Done),
            $this->after->isSettled(), $is->isVacant() => $task->inStatus(TaskStatus::Dropped),
            $is->byId !== $task->holderId => $task->heldBy($is->byId),
            default => $task,
        };
    }

    /**
     * @param list<int> $asked places that have an open task
     *
     * @return list<int> places that are asked from now on
     */
    public function anew(array $asked): array
    {
        return array_values(array_diff($this->after->asks(), $asked));
    }

    /** What is to be approved: whoever is asked now watches it. */
    public function watched(Subject $subject): Subject
    {
        return $subject->watchedBy(
            array_map(fn(int $place): string => (string) $this->after->places[$place]->byId, $this->after->asks()),
        );
    }

    /** @return list<Happened> what rules hear of what is to be approved */
    public function happened(Subject $subject): array
    {
        return $this->wasOpen && $this->after->isSettled()
            ? [new ApprovalSettled($this->name, $this->after->outcome, $subject::kind())]
            : [];
    }
}
