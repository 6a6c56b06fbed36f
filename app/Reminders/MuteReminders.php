<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Models\People\Person;
use App\Models\Reminders\Reminder;
use App\Models\Reminders\ReminderMute;
use App\Models\Tasks\Task;

/** What somebody does not want to hear of any more, or wants to again; done twice, it is as done once. */
final class MuteReminders
{
    public static function reminder(Reminder $reminder, Person $person, bool $muted): void
    {
        self::set(['person_id' => $person->id, 'reminder_id' => $reminder->id], $muted);
    }

    public static function task(Task $task, Person $person, bool $muted): void
    {
        self::set(['person_id' => $person->id, 'task_id' => $task->id], $muted);
    }

    /** @param array<string, string> $of */
    private static function set(array $of, bool $muted): void
    {
        $muted ? ReminderMute::query()->insertOrIgnore($of) : ReminderMute::query()->where($of)->delete();
    }
}
