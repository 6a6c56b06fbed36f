<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Workload\TaskStatus;

/** One row of the table of transitions. */
final readonly class Transition
{
    /**
     * @param list<TaskStatus> $from
     * @param TaskStatus|null  $to   null: the status stays
     * @param list<Standing>   $who  any of them
     * @param bool|null        $held whether somebody holds it before; null: either way
     * @param list<Asked>      $asks
     * @param bool             $together whether several have to hold it
     */
    public function __construct(
        public TaskAction $action,
        public array $from,
        public ?TaskStatus $to,
        public array $who,
        public ?bool $held = null,
        public array $asks = [],
        public bool $together = false,
    ) {}

    /**
     * Whether the task is in the state for it, whoever does it.
     *
     * @param int $holders how many hold it
     */
    public function fits(TaskStatus $status, int $holders): bool
    {
        return in_array($status, $this->from, true) &&
            ($this->held === null || $this->held === $holders > 0) &&
            (!$this->together || $holders > 1);
    }

    /** Whether it leads towards the end of a task, or back from it: what is done by an answer goes no such way. */
    public function ends(): bool
    {
        return $this->action === TaskAction::Reopen ||
            in_array($this->to, [TaskStatus::InReview, TaskStatus::Done, TaskStatus::Dropped], true);
    }

    /** @param list<Standing> $standings of whoever would do it */
    public function isFor(array $standings): bool
    {
        foreach ($this->who as $standing) {
            if (in_array($standing, $standings, true)) {
                return true;
            }
        }

        return false;
    }
}
