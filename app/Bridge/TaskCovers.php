<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Absences\TaskCover;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\TaskSubject;

/** In place of whom a task is held and reviewed, in the table and in the core. */
final class TaskCovers
{
    /** @param Task $task with its covers */
    public static function read(Task $task, SeatName $seat, Snapshot $house): ?Covering
    {
        foreach ($task->covers as $cover) {
            $for = $house->personSlugs[$cover->for_id] ?? null;
            if ($cover->seat === $seat && $for !== null) {
                return new Covering($for, $cover->absence, $cover->via, $cover->held, $cover->touched_by);
            }
        }

        return null;
    }

    public static function write(TaskSubject $subject, Task $row, Snapshot $house): void
    {
        foreach (SeatName::OF_TASK as $seat) {
            $is = $subject->coveringOf($seat);
            $was = $row->wasRecentlyCreated ? null : self::read($row, $seat, $house);
            if ($is === null && $was !== null) {
                TaskCover::query()
                    ->where(['task_id' => $row->id, 'seat' => $seat])
                    ->delete();
            } elseif ($is !== null && ($was === null || get_object_vars($is) !== get_object_vars($was))) {
                $cover = ['task_id' => $row->id, 'seat' => $seat];
                $was === null
                    ? TaskCover::query()->create($cover + self::columns($is, $house))
                    : TaskCover::query()->where($cover)->firstOrFail()->update(self::columns($is, $house));
            }
        }
        $covers = array_filter(
            array_map(
                static fn(SeatName $seat): ?TaskCover => self::row($subject->coveringOf($seat), $seat, $row, $house),
                SeatName::OF_TASK,
            ),
        );
        $row->setRelation('covers', new Collection(array_values($covers)));
    }

    private static function row(?Covering $covering, SeatName $seat, Task $row, Snapshot $house): ?TaskCover
    {
        return $covering === null
            ? null
            : new TaskCover(['task_id' => $row->id, 'seat' => $seat] + self::columns($covering, $house));
    }

    /** @return array<string, mixed> */
    private static function columns(Covering $covering, Snapshot $house): array
    {
        return [
            'for_id' => $house->personIds[$covering->forId],
            'absence' => $covering->absenceId,
            'via' => $covering->via,
            'held' => $covering->held,
            'touched_by' => $covering->touchedBy,
        ];
    }
}
