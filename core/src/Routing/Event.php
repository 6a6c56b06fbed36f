<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

/** Something that happened to a task, at an instant, with all that is to be known of it. */
final readonly class Event
{
    /**
     * @param int      $at      instant
     * @param int|null $startAt instant before which the task can't be worked on
     * @param int|null $dueAt   instant
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public int $at,
        public string $taskId,
        public Facts $facts,
        public Effort $effort,
        public Priority $priority = Priority::Normal,
        public ?int $startAt = null,
        public ?int $dueAt = null,
    ) {}

    /** The task as the load of the person it goes to. */
    public function asWorkOf(string $personId, ?int $dueAt, Priority $priority): WorkItem
    {
        return new WorkItem($this->taskId, $personId, TaskStatus::New, $priority, $this->effort, $this->at, $this->startAt, $dueAt);
    }
}
