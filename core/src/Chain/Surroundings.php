<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Work;

/** What a chain reads as it goes, as it was before the chain began. */
interface Surroundings
{
    /** At least the work that is needed. */
    public function work(Needs $needs): Work;

    /**
     * Just those that are asked for: one that was never used is empty, and no other is answered.
     *
     * @param list<string> $names of rotations
     */
    public function rotations(array $names): Rotations;

    /** @return CustomerSubject|null null: there is none */
    public function customer(string $id): ?CustomerSubject;

    /** @return list<TaskSubject|CaseSubject> the open tasks and cases of a customer */
    public function ofCustomer(string $customerId): array;

    /** @return list<TaskSubject> tasks that wait for the end of this one */
    public function waitingOn(string $taskId): array;

    /** @return list<Subject> open tasks and cases that rules have made for a subject */
    public function madeBy(string $id): array;

    /** @return CaseSubject|null null: there is none */
    public function case(string $id): ?CaseSubject;

    /** @return list<TaskSubject> the open tasks in a case */
    public function ofCase(string $caseId): array;

    /** @return array<array-key, Approval> the latest of each that was asked for on a case, by name */
    public function approvals(string $caseId): array;

    /** @return list<string> keys of the runsheets of which a run on a case was finished since an instant */
    public function runsFinished(string $caseId, int $since): array;

    /** @return list<string> ids of people who have done tasks in a case */
    public function workersIn(string $caseId): array;

    /** @return list<DoneTask> tasks that belong with one and are done, the latest first */
    public function doneWith(TaskSubject $task): array;

    /** An id for a task or a case that is made: the same for the same place in the chain. */
    public function newId(string $madeById, int $number): string;
}
