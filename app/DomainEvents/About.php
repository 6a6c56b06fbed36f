<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\SubjectKind;

/** What something that happened is about: a task, a case, a customer, or none of them. */
final readonly class About
{
    /**
     * @param string|null $taskId     id of a task
     * @param string|null $caseId     id of a case
     * @param string|null $customerId id of a customer; one of the three at the most
     */
    public function __construct(
        public ?string $taskId = null,
        public ?string $caseId = null,
        public ?string $customerId = null,
    ) {}

    public static function task(string $id): self
    {
        return new self($id);
    }

    public static function matter(string $id): self
    {
        return new self(caseId: $id);
    }

    public static function subject(Subject $subject): self
    {
        return match ($subject::kind()) {
            SubjectKind::Task => self::task($subject->id),
            SubjectKind::Matter => self::matter($subject->id),
            SubjectKind::Customer => new self(customerId: $subject->id),
            SubjectKind::House => new self(),
        };
    }

    /** @return array{task_id: string|null, case_id: string|null, customer_id: string|null} */
    public function columns(): array
    {
        return ['task_id' => $this->taskId, 'case_id' => $this->caseId, 'customer_id' => $this->customerId];
    }
}
