<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** Another task is made, for the same customer. */
final readonly class TaskMade implements ReachesOthers
{
    /**
     * @param TaskSubject $made   its id is given to it when it comes into being
     * @param bool    $placed it was said whose it is, so that no rule gives it to anybody
     * @param bool    $waits  the task that makes it waits until it is done
     * @param bool    $again  also while one that the rule made before for the same task is open
     */
    public function __construct(
        public TaskSubject $made,
        public bool $placed,
        public bool $waits,
        public bool $again = true,
    ) {}

    public static function code(): string
    {
        return 'task_made';
    }

    /** What follows for the task that makes it needs the other's id: the chain does it. */
    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return ['title' => $this->made->title(), 'waits' => $this->waits];
    }

    public function admitted(Admission $admission): ?Effect
    {
        if (!$this->again && array_filter($admission->made(), $this->isLike(...)) !== []) {
            return new TaskOpen($this->made->title());
        }

        return $admission->takesTask() ? $this : null;
    }

    public function reach(Reach $reach): void
    {
        $reach->make($this->made, $this->placed, $this->waits);
    }

    public function broughtAbout(ChangeSet $change): bool
    {
        return $change->isArrival() && $this->made->with(['id' => $change->after->id])->equals($change->after);
    }

    public function accumulates(): bool
    {
        return $this->again;
    }

    /** Whether another task is one that the same rule has made, of the same kind. */
    private function isLike(Subject $other): bool
    {
        return $other instanceof TaskSubject &&
            $other->madeById === $this->made->madeById &&
            $other->madeByRule === $this->made->madeByRule &&
            ($other->fields['task.kind'] ?? null) === ($this->made->fields['task.kind'] ?? null);
    }
}
