<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;

/** The case is closed; what is open in it still is dropped, or in no case any more. */
final readonly class CaseClosed implements ReachesOthers
{
    /**
     * @param string $outcome key
     * @param Stays  $stays   of the case after it
     */
    public function __construct(
        public string $caseId,
        private string $trackId,
        private string $outcome,
        private Stays $stays,
        private OpenWork $open,
    ) {}

    public static function code(): string
    {
        return 'case_closed';
    }

    public function on(Subject $subject): Subject
    {
        return $subject instanceof CaseSubject && $subject->id === $this->caseId
            ? $subject->standing($this->stays, $this->outcome)
            : $subject;
    }

    public function admitted(Admission $admission): self
    {
        return $this;
    }

    public function reach(Reach $reach): void
    {
        foreach ($reach->ofCase($this->caseId) as $task) {
            $reach->change($task, $this->open->on($task));
        }
    }

    public function broughtAbout(ChangeSet $change): bool
    {
        return $change->taskBefore()?->caseId === $this->caseId;
    }

    public function accumulates(): bool
    {
        return false;
    }

    public function write(): array
    {
        return ['outcome' => CaseFields::ofTrack($this->trackId, $this->outcome), 'open' => $this->open->value];
    }
}
