<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Writes open work as a calendar (RFC 5545): a VTODO for each task with a due date, a VEVENT for each stretch in which
 * the plan has it done. Such stretches move with the plan, and leave the time free.
 */
final class WorkWriter
{
    /**
     * @param iterable<Task>     $tasks  with their kinds
     * @param list<PlannedBlock> $blocks
     * @param bool               $named  whether who does it is said, as where there are several
     */
    public static function write(iterable $tasks, array $blocks, bool $named): string
    {
        $calendar = OurCalendar::begin('Work');
        foreach ($tasks as $task) {
            $calendar->add('VTODO', self::toDo($task));
        }
        foreach ($blocks as $block) {
            $calendar->add('VEVENT', [
                'UID' => "{$block->taskId}-{$block->from}@open-baton",
                'DTSTAMP' => CarbonImmutable::now()->toDateTimeImmutable(),
                'SUMMARY' => "{$block->number} {$block->title}" . ($named ? ", {$block->who}" : ''),
                'URL' => url("tasks/{$block->taskId}"),
                'DTSTART' => self::utc($block->from),
                'DTEND' => self::utc($block->to),
                'TRANSP' => 'TRANSPARENT',
            ]);
        }

        return $calendar->serialize();
    }

    /** @return array<string, mixed> */
    private static function toDo(Task $task): array
    {
        $toDo = [
            'UID' => "{$task->id}@open-baton",
            'DTSTAMP' => ($task->updated_at ?? CarbonImmutable::now())->toDateTimeImmutable(),
            'SEQUENCE' => (int) $task->revision,
            'SUMMARY' => "{$task->number} {$task->title}",
            'URL' => url("tasks/{$task->id}"),
            'DUE' => self::utc((int) $task->due_at?->getTimestamp()),
            'STATUS' => $task->status === TaskStatus::New ? 'NEEDS-ACTION' : 'IN-PROCESS',
            'PRIORITY' => match ($task->priority) {
                Priority::Urgent => 1,
                Priority::High => 3,
                Priority::Normal => 5,
                Priority::Low => 9,
            },
        ];
        if ($task->kind !== null) {
            $toDo['CATEGORIES'] = $task->kind->name;
        }
        // A begin that is not before the end is not allowed.
        if ($task->starts_at !== null && $task->due_at !== null && $task->starts_at->lessThan($task->due_at)) {
            $toDo['DTSTART'] = self::utc($task->starts_at->getTimestamp());
        }

        return $toDo;
    }

    private static function utc(int $instant): DateTimeInterface
    {
        return CarbonImmutable::createFromTimestampUTC($instant)->toDateTimeImmutable();
    }
}
