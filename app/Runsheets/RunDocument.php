<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Bridge\HouseAt;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Flow\Run\Run as CoreRun;
use OpenBaton\Core\Flow\Run\Step;

/** A run as other systems are told of it; docs/formats/openapi.yaml describes it. */
final class RunDocument
{
    /** What a run has to come with. */
    public const RELATIONS = ['runsheet', 'version', 'blocks.task.assignee', 'blocks.approval.tasks.assignee'];

    /**
     * @param Run          $row  with RELATIONS
     * @param list<string> $seen ids of those of the tasks of its steps that whoever is told sees
     *
     * @return array<string, mixed>
     */
    public static function of(Run $row, HouseAt $house, array $seen): array
    {
        $sheet = RunAtHand::sheetOf($row, $house);
        $run = RunRows::read($row, $row->blocks);
        $steps = [];
        foreach ($sheet->blocks as $block) {
            if ($block instanceof Step) {
                $steps[] = ['name' => $block->name] + self::step($block->key(), $run, $row->blocks, $seen);
            }
        }

        return [
            'id' => $row->id,
            'runsheet' => $row->runsheet?->slug,
            'version' => (int) $row->version?->number,
            'name' => $sheet->name,
            'state' => $row->state->value,
            'started' => Instant::format($row->started_at->getTimestamp()),
            'over' => Instant::orNull($row->over_at?->getTimestamp()),
            'task' => $row->task_id,
            'case' => $row->case_id,
            'revision' => $row->revision,
            'steps' => $steps,
        ];
    }

    /**
     * @param Collection<int, RunBlock> $blocks rounds of the blocks of a run
     * @param list<string>              $seen
     *
     * @return array<string, mixed> the latest round of a step
     */
    private static function step(string $key, CoreRun $run, Collection $blocks, array $seen): array
    {
        $state = $run->of($key);
        $block = $blocks->where('key', $key)->sortBy('round')->last();

        return [
            'key' => $key,
            'state' => $state->state->value,
            'round' => $state->round,
            'why' => $state->why?->value,
            'answer' => $state->answer?->value,
            'reached' => Instant::orNull($state->reachedAt),
            'settled' => Instant::orNull($state->settledAt),
            'waits_until' => Instant::orNull($state->wakesAt),
            'tasks' => array_map(
                static fn(Task $task): array => ['id' => $task->id, 'assignee' => $task->assignee?->slug],
                array_values(
                    array_filter(
                        $block === null ? [] : self::work($block),
                        static fn(Task $task): bool => in_array($task->id, $seen, true),
                    ),
                ),
            ),
        ];
    }

    /**
     * @param list<Run> $rows with RELATIONS
     *
     * @return list<string> ids of the tasks of their steps
     */
    public static function tasksOf(array $rows): array
    {
        $ids = [];
        foreach ($rows as $row) {
            foreach ($row->blocks as $block) {
                foreach (self::work($block) as $task) {
                    $ids[] = $task->id;
                }
            }
        }

        return $ids;
    }

    /** @return list<Task> of a step: its own, or those by which people answer its approval */
    private static function work(RunBlock $block): array
    {
        return [...$block->task === null ? [] : [$block->task], ...array_values($block->approval?->tasks->all() ?? [])];
    }
}
