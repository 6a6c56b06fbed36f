<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Subject\SubjectKind;

/** That a timer fires for a subject, or that the task no longer waits. */
final readonly class Occurrence
{
    /**
     * @param string $key unique for rule, subject, and the date that it hangs on with its distance, or the moment of a
     *     schedule
     * @param RuleTimer|null $timer null: the task comes back from waiting
     * @param int            $at    instant
     */
    public function __construct(
        public string $key,
        public ?RuleTimer $timer,
        public string $subjectId,
        public int $at,
    ) {}

    /** What it is for. */
    public function about(): SubjectKind
    {
        return $this->timer->about ?? SubjectKind::Task;
    }
}
