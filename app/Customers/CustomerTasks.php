<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Bridge\ChangeRunner;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Fields\KnownCustomer;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/** Carries out on open tasks what has changed about their customer, so that rules answer it. */
final readonly class CustomerTasks
{
    public function __construct(private TaskSubjects $subjects, private ChangeRunner $runner) {}

    /**
     * @param Builder<Task> $of  whose; the open ones of them follow
     * @param KnownCustomer $was for whom they were, as that customer was
     * @param KnownCustomer $now for whom they are from now on, as that customer is
     */
    public function follow(Builder $of, KnownCustomer $was, KnownCustomer $now, LockedHouse $locked, Actor $by): void
    {
        $router = $locked->house->router();
        $at = CarbonImmutable::now()->getTimestamp();
        $changes = $rows = [];
        foreach ($of->with(TaskSubjects::RELATIONS)->open()->orderBy('id')->lockForUpdate()->get() as $task) {
            $before = $this->subjects->for($task, $was, $locked->house);
            $after = $router->settled($this->subjects->for($task, $now, $locked->house));
            if (!$after->equals($before)) {
                $changes[] = new ChangeSet(
                    "customer-{$task->id}-{$task->revision}",
                    $at,
                    $before,
                    $after,
                    $router->facts->of($before, $after, $at),
                    Cause::Person,
                );
                $rows[$task->id] = $task;
            }
        }
        if ($changes !== []) {
            $this->runner->run(
                $locked,
                new Occasion($at, Cause::Person, 'customer_edited', $by->user?->id, $by->system),
                $changes,
                $rows,
            );
        }
    }
}
