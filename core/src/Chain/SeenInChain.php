<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use LogicException;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** What tasks see of cases, and either of customers, that have changed in a chain. */
final class SeenInChain
{
    /** @var array<array-key, array<string, string|int|float|bool|list<string>>> all of a case, by its id */
    private array $ofCases = [];
    /** @var array<array-key, array<string, string|int|float|bool|list<string>|null>> what changed of each, by id */
    private array $ofCustomers = [];

    /** @param array<string, string|int|float|bool|list<string>> $values all of it by path */
    public function ofCase(string $caseId, array $values): void
    {
        $this->ofCases[$caseId] = $values;
    }

    /** @param array<string, string|int|float|bool|list<string>|null> $changed by path; null: it is empty now */
    public function ofCustomer(string $customerId, array $changed): void
    {
        $this->ofCustomers[$customerId] = $changed + ($this->ofCustomers[$customerId] ?? []);
    }

    /**
     * It with what it sees by now.
     *
     * @template T of Subject
     *
     * @param T $one
     *
     * @return T
     */
    public function on(Subject $one): Subject
    {
        $now = $one;
        if ($now instanceof TaskSubject && $now->caseId !== null && isset($this->ofCases[$now->caseId])) {
            $now = $now->seeing($this->ofCases[$now->caseId]);
        }
        if ($now instanceof TaskSubject || $now instanceof CaseSubject) {
            $now = $now->withFields($this->ofCustomers[$now->customerId ?? ''] ?? []);
        }

        return $now instanceof $one ? $now : throw new LogicException('Two subjects have one id.');
    }
}
