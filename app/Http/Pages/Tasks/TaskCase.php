<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Viewer;
use App\Models\Tasks\Task;

/** The case that a task is in, as the page of the task names it. */
final class TaskCase
{
    /**
     * @return array{id: string, number: int, title: string, stage: string, needed: bool}|null null: it is in none that
     *     the viewer sees
     */
    public static function of(Task $task, Viewer $viewer): ?array
    {
        $case = $task->case;
        if ($case === null || !$viewer->user()->can('view', $case)) {
            return null;
        }
        $house = $viewer->snapshot();
        $track = $house->tracks[$house->trackSlugs[$case->track_id] ?? ''] ?? null;

        return [
            'id' => $case->id,
            'number' => (int) $case->number,
            'title' => $case->title,
            'stage' => $track?->stageName($case->stage) ?? $case->stage,
            'needed' => $task->needed,
        ];
    }
}
