<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskSubject;

/** Writes who may claim a task, who watches and shares it, and the tasks that it waits on or goes with. */
final class TaskRelations
{
    public static function write(TaskSubject $subject, Task $row, Snapshot $house): void
    {
        $openTo = $subject->holderId === null && $subject->status->wantsHolder() ? $subject->openTo : [];
        self::holders($subject, $row, $house);
        $row->syncOthers($row->claimants(), $house->idsOf($openTo));
        $row->syncOthers($row->watchers(), $house->idsOf($subject->watcherIds));
        $row->syncOthers($row->waitsOn(), $subject->waitsOn);
        $row->syncOthers($row->linked(), $subject->linkedTo);
    }

    /** Who holds it together with the assignee, where that, or whether the task is open, has changed. */
    private static function holders(TaskSubject $subject, Task $row, Snapshot $house): void
    {
        $known = $row->wasRecentlyCreated ? [] : $row->holdsWith->all();
        $was = $is = [];
        foreach ($known as $person) {
            $was[$person->id] = (bool) $person->pivot?->getAttribute('open');
        }
        foreach ($house->idsOf($subject->sharing->withIds ?? []) as $id) {
            $is[$id] = $subject->status->isOpen();
        }
        if ($was !== $is) {
            $rows = [];
            foreach ($is as $id => $open) {
                $rows[$id] = ['position' => count($rows), 'open' => $open];
            }
            $row->holdsWith()->sync($rows);
        }
    }
}
