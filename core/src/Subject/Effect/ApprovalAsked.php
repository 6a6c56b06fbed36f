<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalWay;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** Some people are asked whether they approve of it: each who is asked now gets a task, and watches it. */
final readonly class ApprovalAsked implements ReachesOthers, ReachesOutside
{
    /**
     * @param string                  $of    id of what is to be approved
     * @param array<int, TaskSubject> $tasks of those who are asked now, by place
     */
    public function __construct(
        public string $of,
        public string $name,
        public ?string $details,
        public Approval $approval,
        public array $tasks,
        public ?string $ruleId,
    ) {}

    public static function code(): string
    {
        return 'approval_asked';
    }

    public function on(Subject $subject): Subject
    {
        return $subject->id === $this->of ? $subject->watchedBy($this->asked()) : $subject;
    }

    public function write(): array
    {
        return [
            'approval' => $this->name,
            'way' => ApprovalWay::of($this->approval->rule)->value,
            'people' => $this->asked(),
        ];
    }

    public function admitted(Admission $admission): ?Effect
    {
        $open = array_filter(
            $admission->made(),
            fn(Subject $made): bool => $made instanceof TaskSubject && $made->answers === $this->name,
        );
        if ($open !== []) {
            return new TaskOpen($this->name);
        }
        foreach ($this->tasks as $task) {
            if (!$admission->takesTask()) {
                return null;
            }
        }

        return $this;
    }

    public function reach(Reach $reach): void
    {
        foreach ($this->tasks as $task) {
            $reach->make($task, true, false);
        }
    }

    public function broughtAbout(ChangeSet $change): bool
    {
        return $this->placeOf($change) !== null;
    }

    /** @return int|null the place whose task was made; null: it is none of them */
    public function placeOf(ChangeSet $change): ?int
    {
        foreach ($change->isArrival() ? $this->tasks : [] as $place => $task) {
            if ($task->with(['id' => $change->after->id])->equals($change->after)) {
                return $place;
            }
        }

        return null;
    }

    /** While one is open no other of its name is asked for. */
    public function accumulates(): bool
    {
        return false;
    }

    /** @return list<string> who is asked now, by id */
    private function asked(): array
    {
        return array_values(
            array_unique(
                array_filter(
                    array_map(static fn(TaskSubject $task): ?string => $task->holderId, $this->tasks),
                    is_string(...),
                ),
            ),
        );
    }
}
