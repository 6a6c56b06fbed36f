<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;

/** A case is opened, for the same customer. */
final readonly class CaseOpened implements ReachesOthers
{
    /**
     * @param CaseSubject $made  its id is given to it when it comes into being
     * @param bool        $again also while one that the rule opened before for the same subject is open
     */
    public function __construct(public CaseSubject $made, public bool $again = true) {}

    public static function code(): string
    {
        return 'case_opened';
    }

    /** That the task belongs to it needs its id: the chain does it. */
    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function admitted(Admission $admission): ?Effect
    {
        if (!$this->again && array_filter($admission->made(), $this->isLike(...)) !== []) {
            return new CaseStillOpen($this->made->title());
        }

        return $admission->takesTask() ? $this : null;
    }

    public function reach(Reach $reach): void
    {
        $reach->open($this->made);
    }

    public function broughtAbout(ChangeSet $change): bool
    {
        return $change->isArrival() && $this->made->with(['id' => $change->after->id])->equals($change->after);
    }

    public function accumulates(): bool
    {
        return $this->again;
    }

    public function write(): array
    {
        return [
            'track' => $this->made->trackId,
            'stage' => $this->made->stagePath(),
            'title' => $this->made->title(),
        ];
    }

    private function isLike(Subject $other): bool
    {
        return $other instanceof CaseSubject &&
            $other->madeByRule === $this->made->madeByRule &&
            $other->trackId === $this->made->trackId;
    }
}
