<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** The case is whoever's who holds the task. */
final readonly class CaseGiven implements Effect
{
    public function __construct(private string $caseId, private string $personId) {}

    public static function code(): string
    {
        return 'case_given';
    }

    public function on(Subject $subject): Subject
    {
        return match (true) {
            $subject instanceof CaseSubject && $subject->id === $this->caseId && $subject->holderId !== $this->personId
                => $subject->heldBy($this->personId),
            $subject instanceof TaskSubject && $subject->caseId === $this->caseId => $subject->withField(
                CaseFields::OWNER,
                $this->personId,
            ),
            default => $subject,
        };
    }

    public function write(): array
    {
        return ['person' => $this->personId];
    }
}
