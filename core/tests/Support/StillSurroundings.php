<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Chain\Surroundings;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Work;

/** Surroundings with some work and some rotations, and no other tasks; they keep what they were asked for. */
final class StillSurroundings implements Surroundings
{
    /** @var list<array{list<string>, list<string>}> people, and those of whom it matters when work last came to them */
    public array $asked = [];

    public function __construct(private readonly Work $work, private readonly Rotations $rotations) {}

    public function work(Needs $needs): Work
    {
        $this->asked[] = [$needs->people, $needs->lastAssigned];

        return $this->work->ofOnly($needs->people, $needs->lastAssigned);
    }

    public function rotations(array $names): Rotations
    {
        return $this->rotations;
    }

    public function ofCustomer(string $customerId): array
    {
        return [];
    }

    public function waitingOn(string $taskId): array
    {
        return [];
    }

    public function customer(string $id): ?CustomerSubject
    {
        return null;
    }

    public function case(string $id): ?CaseSubject
    {
        return null;
    }

    public function ofCase(string $caseId): array
    {
        return [];
    }

    public function madeBy(string $taskId): array
    {
        return [];
    }

    public function approvals(string $caseId): array
    {
        return [];
    }

    public function runsFinished(string $caseId, int $since): array
    {
        return [];
    }

    public function workersIn(string $caseId): array
    {
        return [];
    }

    public function doneWith(TaskSubject $task): array
    {
        return [];
    }

    public function newId(string $madeById, int $number): string
    {
        return "{$madeById}.{$number}";
    }
}
