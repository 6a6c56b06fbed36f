<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\Subject;

/** Rows of tasks and of cases, for what is the same with both. */
final readonly class SubjectRows
{
    public function __construct(
        public TaskSubjects $tasks,
        public CaseSubjects $cases,
        public CustomerSubjects $customers,
    ) {}

    public static function task(string $id): ?Task
    {
        return Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->find($id);
    }

    public static function case(string $id): ?CustomerCase
    {
        return CustomerCase::query()->with(CaseSubjects::RELATIONS)->lockForUpdate()->find($id);
    }

    public static function customer(string $id): ?Customer
    {
        return Customer::query()->with(CustomerSubjects::RELATIONS)->lockForUpdate()->find($id);
    }

    /** The same row under its lock, with what it takes to be a subject; null: it is gone. */
    public static function locked(Task|CustomerCase|Customer $row): Task|CustomerCase|Customer|null
    {
        return match (true) {
            $row instanceof Task => self::task($row->id),
            $row instanceof CustomerCase => self::case($row->id),
            default => self::customer($row->id),
        };
    }

    /** @param Task|CustomerCase|Customer|null $row with what it takes; null: nothing but the house */
    public function subject(Task|CustomerCase|Customer|null $row, HouseAt $house): Subject
    {
        return match (true) {
            $row === null => new HouseSubject(),
            $row instanceof Task => $this->tasks->of($row, $house),
            $row instanceof CustomerCase => $this->cases->of($row, $house),
            default => $this->customers->of($row, $house),
        };
    }

    /**
     * @param Collection<int, covariant Task|CustomerCase|Customer> $rows
     *
     * @return list<Subject>
     */
    public function all(Collection $rows, HouseAt $house): array
    {
        return array_values(
            $rows->map(fn(Task|CustomerCase|Customer $row): Subject => $this->subject($row, $house))->all(),
        );
    }

    /** @return Builder<Task> */
    public static function tasks(): Builder
    {
        return Task::query()->with(TaskSubjects::RELATIONS);
    }

    /** @return Builder<CustomerCase> */
    public static function cases(): Builder
    {
        return CustomerCase::query()->with(CaseSubjects::RELATIONS);
    }

    /** @return Builder<Customer> */
    public static function customers(): Builder
    {
        return Customer::query()->with(CustomerSubjects::RELATIONS);
    }
}
