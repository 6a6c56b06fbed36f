<?php

declare(strict_types=1);

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Timer\Reminder;
use OpenBaton\Core\Workload\TaskStatus;

/** The moment of a reminder, and the date that it hangs on. */
function reminded(TaskSubject $task, string $field, string $offset, ?string $time = null): ?array
{
    $on = new DateReached($field, Offset::parse($offset), $time === null ? null : TimeOfDay::parse($time));
    $moment = (new Reminder('r', $on))->momentOn($task, Build::calendar());

    return $moment === null ? null : [$moment[0], gmdate('Y-m-d H:i', $moment[1])];
}

it('comes at a distance from a date, at a time of day', function (string $offset, ?string $time, string $at): void {
    $due = Build::at('2026-03-09 15:00');
    expect(reminded(Story::task()->with(['dueAt' => $due]), 'task.due', $offset, $time))->toBe([(string) $due, $at]);
})->with([
    'minutes before' => ['-45 minutes', null, '2026-03-09 14:15'],
    'hours after' => ['+2 hours', null, '2026-03-09 17:00'],
    'the day before, at the same time' => ['-1 days', null, '2026-03-08 15:00'],
    'the working day before, in the morning' => ['-1 working_days', '09:00', '2026-03-06 09:00'],
]);

it('hangs on the date as it is, and comes on open tasks with one alone', function (): void {
    $task = Story::task()->withField('task.needed', '2026-03-10');
    expect(reminded($task, 'task.needed', '-1 days', '08:30'))->toBe(['2026-03-10', '2026-03-09 08:30']);
    expect(reminded($task->withField('task.needed', '2026-03-12'), 'task.needed', '-1 days', '08:30'))->toBe([
        '2026-03-12',
        '2026-03-11 08:30',
    ]);
    expect(reminded($task->inStatus(TaskStatus::Done), 'task.needed', '-1 days'))->toBeNull();
    expect(reminded(Story::task(), 'task.needed', '-1 days'))->toBeNull();
});
