<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Bridge\Snapshot;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\TaskSubject;

/** Somebody starts to count their time on a task, or stops; what they have spent on another until then is put down. */
final readonly class TimeTask
{
    public function __construct(private EditTask $edit, private WorkClock $clock) {}

    /** @return Task whose time was counted until now; null: of none */
    public function start(Task $task, Person $person, User $by): ?Task
    {
        return DB::transaction(function () use ($task, $person, $by): ?Task {
            // One after the other where somebody does it on two screens.
            Person::query()->whereKey($person->id)->lockForUpdate()->first();
            $before = $this->stop($person, $by);
            WorkClock::begin($task, $person, CarbonImmutable::now());

            return $before;
        }, attempts: 3);
    }

    /** @return Task whose time was counted until now; null: of none */
    public function stop(Person $person, User $by): ?Task
    {
        $running = WorkClock::runningOf($person)?->task;
        if ($running === null) {
            return null;
        }

        return ($this->edit)(
            $running->id,
            null,
            new Edit(
                'timed',
                fn(TaskSubject $subject, Snapshot $house): TaskSubject => WorkClock::spent(
                    $subject,
                    $this->clock->stop($running, CarbonImmutable::now(), $house),
                ),
            ),
            Actor::user($by),
        );
    }
}
