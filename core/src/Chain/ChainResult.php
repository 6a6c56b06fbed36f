<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** What came of a chain: all that changed, in order. */
final readonly class ChainResult
{
    /**
     * @param list<Link>                $links
     * @param array<array-key, Subject> $subjects every one that the chain touched as it is after it, by id
     * @param array<array-key, int>     $assignedAt instant at which work came to somebody in it, by person
     * @param Rotations                 $rotations  that were looked at, after it
     */
    public function __construct(
        public array $links,
        public array $subjects,
        public array $assignedAt,
        public Rotations $rotations,
        public ?Cut $cut,
    ) {}

    /** @return array<array-key, TaskSubject> the tasks that the chain touched, by id */
    public function tasks(): array
    {
        return array_filter($this->subjects, static fn(Subject $one): bool => $one instanceof TaskSubject);
    }

    /** @return array<array-key, CaseSubject> the cases that the chain touched, by id */
    public function cases(): array
    {
        return array_filter($this->subjects, static fn(Subject $one): bool => $one instanceof CaseSubject);
    }

    /** @return array<array-key, CustomerSubject> the customers that the chain touched, by id */
    public function customers(): array
    {
        return array_filter($this->subjects, static fn(Subject $one): bool => $one instanceof CustomerSubject);
    }
}
