<?php

declare(strict_types=1);

namespace App\Duties;

use App\Access\Actor;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Intake\Arrival;
use App\Intake\RouteTask;
use App\Models\Duties\Duty as DutyRow;
use App\Models\Duties\DutyDate as DutyDateRow;
use App\Models\Tasks\Task;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyAct;
use OpenBaton\Core\Flow\Duty\DutyDate;
use OpenBaton\Core\Flow\Duty\DutyMissed;
use OpenBaton\Core\Flow\Duty\DutyTick;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** Makes the task of the next date of a duty that has come, if one has, in a transaction of its own: once, ever. */
final readonly class MakeDutyDate
{
    public function __construct(
        private Houses $houses,
        private DutyTask $tasks,
        private RouteTask $route,
        private EditTask $edit,
    ) {}

    /** @return bool whether there may be more to make */
    public function __invoke(string $dutyId, CarbonImmutable $now): bool
    {
        return DB::transaction(function () use ($dutyId, $now): bool {
            $locked = $this->houses->lock();
            $row = DutyRow::query()->lockForUpdate()->find($dutyId);
            if ($row === null) {
                return false;
            }
            $duty = ReadDuty::kept(Node::root($row->document), $locked->house->snapshot);
            $tick = new DutyTick($locked->house->snapshot->roster->house);
            $made = false;
            foreach ($tick->acts($duty, DutyLedgers::of($row), $now->getTimestamp()) as $act) {
                $made = $this->carryOut($act, $row, $duty, $locked, $now);
                if ($made) {
                    break;
                }
            }
            self::lookAgain($row, $duty, $tick);
            $row->save();

            return $made;
        }, attempts: 3);
    }

    /** Puts into the row when the duty is to be looked at next. */
    public static function lookAgain(DutyRow $row, Duty $duty, DutyTick $tick): void
    {
        $ledger = DutyLedgers::of($row);
        $next = $tick->next($duty, $ledger);
        $row->fill([
            'next_at' => $next === null ? null : CarbonImmutable::createFromTimestampUTC($next->appearsAt),
            'next_date' => $next?->date->format(),
            'waits' => $next === null && $ledger->open !== [],
        ]);
    }

    /** @return bool whether a task was made */
    private function carryOut(DutyAct $act, DutyRow $row, Duty $duty, LockedHouse $locked, CarbonImmutable $now): bool
    {
        foreach ($act->drops as $taskId) {
            $this->drop($taskId);
        }
        $task = $act->missed === null ? $this->make($row, $duty, $act->date, $locked) : null;
        $missed = $act->missed ?? ($task === null ? DutyMissed::Impossible : null);
        DutyDateRow::query()->create([
            'duty_id' => $row->id,
            'key' => $act->date->key->format(),
            'date' => $act->date->date->format(),
            'task_id' => $task?->id,
            'missed' => $missed,
            'at' => $now,
        ]);
        ++$row->made;
        $row->fill(['through' => $act->date->key->format()]);

        return $task !== null;
    }

    private function make(DutyRow $row, Duty $duty, DutyDate $date, LockedHouse $locked): ?Task
    {
        $task = $this->tasks->of($row, $duty, $date, $locked->house);

        return $task === null
            ? null
            : ($this->route)($this->route->ready(new Arrival(null, null), $task, $locked->house), $locked)->task;
    }

    private function drop(string $taskId): void
    {
        ($this->edit)(
            $taskId,
            null,
            new Edit(
                'duty_missed',
                static fn(TaskSubject $subject): TaskSubject => $subject->inStatus(TaskStatus::Dropped),
            ),
            Actor::system('clock'),
            Cause::Timer,
        );
        DutyDateRow::query()
            ->where('task_id', $taskId)
            ->update(['missed' => DutyMissed::Dropped]);
    }
}
