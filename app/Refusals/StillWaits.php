<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Tasks\Task;

/** A task that is to be completed waits for others that are still open. Whoever means it says so. */
final class StillWaits extends Refused
{
    /** @param list<string> $ids of the others */
    public static function for(array $ids): self
    {
        $numbers = Task::query()
            ->findMany($ids, ['id', 'number'])
            ->sortBy('number')
            ->map(static fn(Task $one): string => "№ {$one->number}")
            ->implode(', ');

        return new self('waits_for_others.task', ['numbers' => $numbers]);
    }
}
