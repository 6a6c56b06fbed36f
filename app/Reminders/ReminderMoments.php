<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Bridge\HouseAt;
use App\Bridge\TaskSubjects;
use App\Database\Stamp;
use App\Models\Reminders\Reminder;
use App\Models\Reminders\ReminderMoment;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/**
 * Keeps with tasks when their reminders are due. Whoever calls it holds the position of the consumer that does so
 * after each change, so that what an older look has found never replaces what a newer one has.
 */
final readonly class ReminderMoments
{
    private const PIECE = 500;

    public function __construct(private TaskSubjects $subjects) {}

    /**
     * @param list<string> $ids   of tasks
     * @param int          $since instant: what was due by then, and is not kept yet, is past
     *
     * @return array<string, true> what stands now, by its key()
     */
    public function workOut(array $ids, HouseAt $house, int $since): array
    {
        $tasks = Task::query()->with(TaskSubjects::RELATIONS)->findMany($ids);
        $reminders = self::for($tasks);
        $rows = $kept = [];
        foreach ($tasks as $task) {
            $subject = null;
            foreach ($reminders as $reminder) {
                if (!self::concerns($reminder, $task)) {
                    continue;
                }
                $subject ??= $this->subjects->of($task, $house);
                $moment = $reminder->moment()->momentOn($subject, $house->snapshot->roster->house);
                if ($moment !== null) {
                    [$hangsOn, $at] = $moment;
                    $kept[self::key($task->id, $reminder->id, $hangsOn)] = true;
                    $rows[] = [
                        'task_id' => $task->id,
                        'reminder_id' => $reminder->id,
                        'hangs_on' => $hangsOn,
                        'at' => Stamp::of($at),
                    ];
                }
            }
        }
        $this->write($ids, $rows, $kept, $since);

        return $kept;
    }

    public static function key(string $taskId, string $reminderId, string $hangsOn): string
    {
        return "{$taskId} {$reminderId} {$hangsOn}";
    }

    /**
     * @param list<string>              $ids  of the tasks
     * @param list<array{task_id: string, reminder_id: string, hangs_on: string, at: string}> $rows
     * @param array<string, true>       $kept
     */
    private function write(array $ids, array $rows, array $kept, int $since): void
    {
        $known = ReminderMoment::query()->whereIn('task_id', $ids)->get();
        $gone = $known->filter(
            static fn(ReminderMoment $one): bool => $one->given_at === null &&
                !isset($kept[self::key($one->task_id, $one->reminder_id, $one->hangs_on)]),
        );
        if ($gone->isNotEmpty()) {
            ReminderMoment::query()->whereKey($gone->modelKeys())->delete();
        }
        $times = [];
        foreach ($known as $one) {
            $times[self::key($one->task_id, $one->reminder_id, $one->hangs_on)] = $one;
        }
        $new = [];
        foreach ($rows as $row) {
            $before = $times[self::key($row['task_id'], $row['reminder_id'], $row['hangs_on'])] ?? null;
            if ($before === null) {
                if ($row['at'] > Stamp::of($since)) {
                    $new[] = $row;
                }
            } elseif ($before->given_at === null && Stamp::of($before->at->getTimestamp()) !== $row['at']) {
                // Another distance, or other working days.
                $before->update(['at' => $row['at']]);
            }
        }
        foreach (array_chunk($new, self::PIECE) as $some) {
            ReminderMoment::query()->insert($some);
        }
    }

    /**
     * @param Collection<int, Task> $tasks
     *
     * @return Collection<int, Reminder> all that may concern one of them
     */
    private static function for(Collection $tasks): Collection
    {
        return Reminder::query()
            ->whereIn('task_kind_id', $tasks->pluck('task_kind_id')->unique())
            ->orWhereIn('task_id', $tasks->modelKeys())
            ->orWhere(
                static fn(Builder $own): Builder => $own
                    ->whereNull('task_id')
                    ->whereIn(
                        'person_id',
                        $tasks->flatMap(static fn(Task $task): array => $task->holderIds())->unique(),
                    ),
            )
            ->orderBy('id')
            ->get();
    }

    private static function concerns(Reminder $reminder, Task $task): bool
    {
        return match (true) {
            $reminder->task_kind_id !== null => $reminder->task_kind_id === $task->task_kind_id,
            $reminder->task_id !== null => $reminder->task_id === $task->id,
            default => in_array($reminder->person_id, $task->holderIds(), true),
        };
    }
}
