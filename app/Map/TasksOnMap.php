<?php

declare(strict_types=1);

namespace App\Map;

use App\Bridge\PlacingRules;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Map\ArrowKind;
use OpenBaton\Core\Map\NodeKind;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Counts on a map who did what, and how long it was until they began. A task counts where it comes from: a step of a
 * run, a duty, the stage of its case, or the rule that placed it.
 */
final readonly class TasksOnMap
{
    public function __construct(private MapHistory $on) {}

    public function count(): void
    {
        Task::query()
            ->with(['holdsWith:id', 'case:id,track_id'])
            ->where('arrived_at', '>=', $this->on->since)
            ->where('status', '!=', TaskStatus::Dropped)
            ->select([
                'tasks.id',
                'assignee_id',
                'do_together',
                'arrived_at',
                'starts_at',
                'started_at',
                'completed_at',
                'duty_id',
                'case_id',
                'case_stage',
                'approval_id',
            ])
            ->chunkById(MapHistory::PIECE, $this->tasks(...), 'tasks.id', 'id');
    }

    /** @param Collection<int, Task> $tasks */
    private function tasks(Collection $tasks): void
    {
        $steps = $this->steps($tasks);
        $rules = PlacingRules::namesOf($tasks->modelKeys());
        foreach ($tasks as $task) {
            $step = $steps[$task->id] ?? ($steps[(string) $task->approval_id] ?? null);
            $track = $task->case?->track_id;
            $from = match (true) {
                $step !== null => $step,
                $task->duty_id !== null => $this->on->duty($task->duty_id),
                $track !== null && $task->case_stage !== null => $this->on->track($track, $task->case_stage),
                isset($rules[$task->id]) => MapHistory::rule($rules[$task->id]),
                default => null,
            };
            if ($from === null) {
                continue;
            }
            $begins = $task->starts_at === null ? $task->arrived_at : $task->arrived_at->max($task->starts_at);
            $waited = $this->on->minutes($begins, $task->started_at ?? $task->completed_at);
            // Stages are counted by how long cases stood there, rules by what they decided.
            if ($step !== null || $task->duty_id !== null) {
                $this->on->flows->at($from, $waited);
            }
            if ($step === null && $task->duty_id !== null) {
                $this->on->flows->at(NodeKind::Duties->value, $waited);
            }
            foreach ($this->on->people($task->holderIds()) as $person) {
                $this->on->flows->went($from, $person, ArrowKind::Does, $waited);
            }
        }
    }

    /**
     * @param Collection<int, Task> $tasks
     *
     * @return array<string, string> id of the node by id of the task or of the approval that a step has made
     */
    private function steps(Collection $tasks): array
    {
        $blocks = RunBlock::query()
            ->with('run.runsheet:id,slug')
            ->whereIn('task_id', $tasks->modelKeys())
            ->orWhereIn('approval_id', $tasks->pluck('approval_id')->filter()->unique()->all())
            ->get(['id', 'run_id', 'key', 'task_id', 'approval_id']);
        $steps = [];
        foreach ($blocks as $block) {
            $steps[$block->task_id ?? (string) $block->approval_id] = MapHistory::step(
                (string) $block->run?->runsheet?->slug,
                $block->key,
            );
        }

        return $steps;
    }
}
