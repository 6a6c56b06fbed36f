<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Reminders\Audience;
use App\Models\Reminders\Reminder;
use App\Models\Tasks\TaskKind;

/** Reminders for tests. */
final class Reminders
{
    /** Of repairs, the working day before they are due. */
    public static function ofRepairs(): Reminder
    {
        return Reminder::query()->create([
            'task_kind_id' => TaskKind::query()->where('slug', 'bench-repair')->sole()->id,
            'audience' => Audience::Holder,
            'field' => 'task.due',
            'offset' => '-1 working_days',
            'time' => '09:00',
            'channels' => [],
        ]);
    }
}
