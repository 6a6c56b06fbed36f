<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Rollouts\RolloutNode;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Runsheets\RunAtHand;

/** What has made a task, where that is a duty or a step of a run. */
final class TaskOrigin
{
    /**
     * @param Task $task with its duty
     *
     * @return array<string, mixed> members of TaskView.ts
     */
    public static function of(Task $task, Viewer $viewer): array
    {
        return [
            'duty' => self::duty($task, $viewer),
            'step' => self::step($task, $viewer),
            'rollout' => self::rollout($task, $viewer),
        ];
    }

    /** @return array{name: string, runsheet: string, run: string|null}|null run: where whoever looks may see it */
    private static function step(Task $task, Viewer $viewer): ?array
    {
        if ($task->source !== TaskSource::Run) {
            return null;
        }
        $block = RunBlock::query()
            ->where('task_id', $task->id)
            ->with(['run.version', 'run.task', 'run.case'])
            ->first();
        if ($block?->run === null) {
            return null;
        }
        $sheet = RunAtHand::sheetOf($block->run, $viewer->house());

        return [
            'name' => $sheet->steps()[$block->key]->name ?? $block->key,
            'runsheet' => $sheet->name,
            'run' => $viewer->user()->can('view', $block->run) ? $block->run->id : null,
        ];
    }

    /** @return array{name: string, id: string|null}|null id: where whoever looks may see it */
    private static function rollout(Task $task, Viewer $viewer): ?array
    {
        if ($task->source !== TaskSource::Rollout) {
            return null;
        }
        $rollout = RolloutNode::query()->where('task_id', $task->id)->with('rollout')->first()?->rollout;

        return $rollout === null
            ? null
            : [
                'name' => $rollout->name,
                'id' => $viewer->user()->can('shape', House::class) ? $rollout->id : null,
            ];
    }

    /** @return array{name: string, slug: string|null}|null slug: where whoever looks may change it */
    private static function duty(Task $task, Viewer $viewer): ?array
    {
        return $task->duty === null
            ? null
            : [
                'name' => $task->duty->name,
                'slug' =>
                    $viewer->user()->can('shape', House::class) && !$task->duty->trashed() ? $task->duty->slug : null,
            ];
    }
}
