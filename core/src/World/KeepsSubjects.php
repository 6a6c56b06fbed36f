<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use LogicException;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\TaskStatus;

/** The tasks, the cases and the customers of a world as they are by now. */
trait KeepsSubjects
{
    /** @var array<array-key, TaskSubject> by id */
    private array $tasks = [];
    /** @var array<array-key, CaseSubject> by id */
    private array $cases = [];
    /** @var array<array-key, CustomerSubject> by id: those that are told of, or have changed */
    private array $customers = [];

    public function task(string $id): TaskSubject
    {
        return $this->tasks[$id] ?? throw new LogicException("There is no task \"{$id}\".");
    }

    public function subject(string $id): Subject
    {
        return $this->cases[$id] ??
            ($this->customers[$id] ??
                ($id === HouseSubject::ID && !isset($this->tasks[$id]) ? new HouseSubject() : $this->task($id)));
    }

    public function case(string $id): ?CaseSubject
    {
        return $this->cases[$id] ?? null;
    }

    public function ofCase(string $caseId): array
    {
        return array_values(
            array_filter(
                $this->tasks,
                static fn(TaskSubject $task): bool => $task->caseId === $caseId && $task->isOpen(),
            ),
        );
    }

    /** @return list<TaskSubject> */
    public function tasks(): array
    {
        return array_values($this->tasks);
    }

    /**
     * @param list<string> $customers
     *
     * @return iterable<array{string, string}> a person, and a customer of those for whom they have done work
     */
    private function doneFor(array $customers): iterable
    {
        foreach ($this->tasks as $task) {
            if (
                $task->status === TaskStatus::Done &&
                $task->holderId !== null &&
                in_array($task->customerId, $customers, true)
            ) {
                yield [$task->holderId, $task->customerId];
            }
        }
    }

    public function ofCustomer(string $customerId): array
    {
        return array_values(
            array_filter(
                [...array_values($this->tasks), ...array_values($this->cases)],
                static fn(TaskSubject|CaseSubject $one): bool => $one->customerId === $customerId && $one->isOpen(),
            ),
        );
    }

    /** One that nobody has told of is as what there is for it says. */
    public function customer(string $id): ?CustomerSubject
    {
        if (isset($this->customers[$id])) {
            return $this->customers[$id];
        }
        $fields = [];
        foreach ($this->ofCustomer($id) as $one) {
            $fields += array_filter($one->fields, CustomerFields::isOf(...), ARRAY_FILTER_USE_KEY);
        }
        $owner = $fields[CustomerFields::OWNER] ?? null;
        $tags = $fields[CustomerFields::TAGS] ?? [];

        return new CustomerSubject(
            $id,
            0,
            is_string($owner) ? $owner : null,
            is_array($tags) ? $tags : [],
            array_diff_key($fields, CustomerFields::TYPES),
        );
    }

    public function waitingOn(string $taskId): array
    {
        return array_values(
            array_filter($this->tasks, static fn(TaskSubject $task): bool => in_array($taskId, $task->waitsOn, true)),
        );
    }

    public function madeBy(string $id): array
    {
        return array_values(
            array_filter(
                [...array_values($this->tasks), ...array_values($this->cases)],
                static fn(Subject $one): bool => $one->madeById === $id && $one->isOpen(),
            ),
        );
    }

    /** A world has no runs yet. */
    public function runsFinished(string $caseId, int $since): array
    {
        return [];
    }

    public function workersIn(string $caseId): array
    {
        $workers = [];
        foreach ($this->tasks as $task) {
            $done = $task->caseId === $caseId && $task->status === TaskStatus::Done && $task->answers === null;
            $workers = [...$workers, ...$done ? $task->holderIds() : []];
        }

        return array_values(array_unique($workers));
    }

    public function doneWith(TaskSubject $task): array
    {
        return DoneTask::with($task, array_reverse($this->tasks), []);
    }

    public function newId(string $madeById, int $number): string
    {
        $last = 0;
        foreach ([...array_keys($this->tasks), ...array_keys($this->cases)] as $id) {
            $rest = str_starts_with((string) $id, "{$madeById}.") ? substr((string) $id, strlen($madeById) + 1) : '';
            $last = ctype_digit($rest) ? max($last, (int) $rest) : $last;
        }

        return "{$madeById}." . ($last + $number);
    }

    /** Tasks see their case as it is from now on. */
    private function see(CaseSubject $case, Zone $zone): void
    {
        $values = CaseFields::ofCase($case, $zone);
        foreach ($this->tasks as $id => $task) {
            if ($task->caseId === $case->id) {
                $this->tasks[$id] = $task->seeing($values);
            }
        }
    }
}
