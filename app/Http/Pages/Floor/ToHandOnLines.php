<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\TaskLine;
use App\Models\Tasks\Task;

/** What somebody else should do, as those who hold it say. Its type is in FloorPage.ts. */
final class ToHandOnLines
{
    private const MOST = 100;

    /** @return list<array<string, mixed>> the most urgent first */
    public static function all(): array
    {
        return array_values(
            Task::query()
                ->with(['kind', 'customer', 'assignee'])
                ->where('to_hand_on', true)
                ->mostUrgentFirst()
                ->limit(self::MOST)
                ->get()
                ->map(
                    static fn(Task $task): array => TaskLine::of($task) + [
                        'holder' => PersonRef::orNull($task->assignee),
                        'note' => $task->to_hand_on_note,
                    ],
                )
                ->all(),
        );
    }
}
