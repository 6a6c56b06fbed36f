<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;

/** A task that is to be completed waits for others that are still open. Whoever means it says so. */
final class StillWaits extends MovedOn
{
    /** @param list<string> $ids of the others */
    public static function for(array $ids): self
    {
        $numbers = Task::query()->findMany($ids, ['id', 'number'])->sortBy('number')->map(static fn(Task $one): string => "№ {$one->number}")->implode(', ');

        return new self("It waits for {$numbers}, still open. Say that it is to be completed all the same: the others stay open then, and nothing waits for them any more.");
    }
}
