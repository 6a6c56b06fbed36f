<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\People\Person;
use App\Models\Reminders\Reminder;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Refusals\TooMany;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Sets a reminder: what a kind proposes for its tasks, or somebody's own; and takes it out. */
final class SaveReminder
{
    /** Of one kind, of one person on all tasks, and of one person on one task. */
    public const MOST = 20;

    public function propose(TaskKind $kind, ?Reminder $reminder, ReminderTerms $terms, Actor $by): Reminder
    {
        return ChangeHouse::run(
            $reminder === null ? 'reminder_made' : 'reminder_changed',
            ($reminder === null ? 'made' : 'changed') . " a reminder of tasks of the kind {$kind->name}",
            $by,
            static function () use ($kind, $reminder, $terms): Reminder {
                $row = self::write($reminder, ['task_kind_id' => $kind->id], $terms);
                WorkOutReminders::dispatch(self::now(), $kind->id);

                return $row;
            },
        );
    }

    /** @param Task|null $task null: of whatever they hold */
    public function own(Person $person, ?Task $task, ?Reminder $reminder, ReminderTerms $terms): Reminder
    {
        return DB::transaction(static function () use ($person, $task, $reminder, $terms): Reminder {
            // One of a person's at a time, so that there are not more than there may be.
            Person::query()->lockForUpdate()->findOrFail($person->id);
            $row = self::write($reminder, ['person_id' => $person->id, 'task_id' => $task?->id], $terms);
            self::workOut($row);

            return $row;
        }, attempts: 3);
    }

    public function remove(Reminder $reminder, Actor $by): void
    {
        $kind = $reminder->kind;
        if ($kind === null) {
            $reminder->delete();

            return;
        }
        ChangeHouse::run(
            'reminder_removed',
            "took out a reminder of tasks of the kind {$kind->name}",
            $by,
            static function () use ($reminder): Reminder {
                $reminder->delete();

                return $reminder;
            },
        );
    }

    /** @param array<string, string|null> $whose columns */
    private static function write(?Reminder $reminder, array $whose, ReminderTerms $terms): Reminder
    {
        if ($reminder !== null) {
            $reminder->update($terms->columns());

            return $reminder;
        }
        Reminder::query()->where($whose)->count() < self::MOST || throw TooMany::reminders(self::MOST);

        return Reminder::query()->create($whose + $terms->columns());
    }

    private static function workOut(Reminder $reminder): void
    {
        $reminder->task_id === null
            ? WorkOutReminders::dispatch(self::now(), null, $reminder->person_id)
            : WorkOutReminders::dispatch(self::now(), null, null, $reminder->task_id);
    }

    private static function now(): int
    {
        return CarbonImmutable::now()->getTimestamp();
    }
}
