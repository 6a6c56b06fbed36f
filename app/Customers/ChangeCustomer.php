<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Bridge\ChangeRunner;
use App\Bridge\CustomerSubjects;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Fields\KnownCustomer;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Rulebook\Event\CustomerAdded;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Subject;

/**
 * Carries out what has changed about a customer: rules answer it, its open tasks and cases see it, and all of it is
 * recorded. The row is filled in and saved here, after what the chain reads as it was.
 */
final readonly class ChangeCustomer
{
    public function __construct(
        private CustomerSubjects $customers,
        private TaskSubjects $tasks,
        private ChangeRunner $runner,
    ) {}

    public function subject(Customer $customer, LockedHouse $locked): CustomerSubject
    {
        return $this->customers->of($customer, $locked->house);
    }

    /**
     * @param CustomerSubject|null $before as it was; null: it is added, and its row is there
     * @param Customer             $row    locked, filled in and not saved
     * @param list<ChangeSet>      $more   what changes with it
     * @param array<array-key, Task> $tasks rows that those are about, by id
     * @param bool                 $quiet  it is one of many: nobody is told whom they look after now
     */
    public function __invoke(
        ?CustomerSubject $before,
        Customer $row,
        LockedHouse $locked,
        Actor $by,
        array $more = [],
        array $tasks = [],
        bool $quiet = false,
    ): void {
        $at = CarbonImmutable::now()->getTimestamp();
        $after = $this->subject($row, $locked);
        if ($before === null || !$after->equals($before)) {
            $more = [self::change($before, $after, $row->revision, $at, $locked), ...$more];
        }
        if ($more !== []) {
            $this->runner->run(
                $locked,
                new Occasion(
                    $at,
                    Cause::Person,
                    $before === null ? CustomerAdded::kind() : 'customer_edited',
                    $by->user?->id,
                    $by->system,
                    handoff: HandoffCause::Given,
                    quiet: $quiet,
                ),
                $more,
                $tasks + [$row->id => $row],
            );
        }
        // What no rule sees, such as whom one speaks with.
        if ($row->isDirty()) {
            $row->revision += $row->isDirty('revision') ? 0 : 1;
            $row->save();
            House::query()->increment('customer_revision');
        }
    }

    /**
     * That open tasks are for another customer from now on.
     *
     * @param Builder<Task>   $of
     * @param KnownCustomer   $was for whom they were, as that customer was
     * @param KnownCustomer   $now for whom they are, as that customer is
     *
     * @return array{list<ChangeSet>, array<string, Task>} with their rows, by id
     */
    public function moved(Builder $of, KnownCustomer $was, KnownCustomer $now, LockedHouse $locked): array
    {
        $at = CarbonImmutable::now()->getTimestamp();
        $changes = $rows = [];
        foreach ($of->with(TaskSubjects::RELATIONS)->open()->orderBy('id')->lockForUpdate()->get() as $task) {
            $before = $this->tasks->for($task, $was, $locked->house);
            $after = $locked->house->router()->settled($this->tasks->for($task, $now, $locked->house));
            if (!$after->equals($before)) {
                $changes[] = self::change($before, $after, $task->revision, $at, $locked);
                $rows[$task->id] = $task;
            }
        }

        return [$changes, $rows];
    }

    private static function change(
        ?Subject $before,
        Subject $after,
        int $revision,
        int $at,
        LockedHouse $locked,
    ): ChangeSet {
        return new ChangeSet(
            "customer-{$after->id}-{$revision}",
            $at,
            $before,
            $after,
            $locked->house->router()->facts->of($before, $after, $at),
            Cause::Person,
        );
    }
}
