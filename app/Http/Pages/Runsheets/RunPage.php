<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Bridge\CaseSubjects;
use App\Bridge\SubjectRows;
use App\Bridge\TaskSubjects;
use App\Http\Viewer;
use App\Models\Runsheets\Run as Row;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use App\Runsheets\RunAtHand;
use App\Runsheets\RunMoments;
use App\Runsheets\RunRows;
use App\Runsheets\StepMinutes;
use App\Tasks\TasksInSight;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Flow\Run\BlockState;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\RunTimes;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingTime;

/** A run: where it is, why it waits and for whom, what comes when, what was skipped. Its type is RunPage.ts. */
final readonly class RunPage
{
    public function __construct(private Viewer $viewer, private SubjectRows $subjects, private TasksInSight $sight) {}

    /** @return array<string, mixed> */
    public function props(Row $row): array
    {
        $row->load([...RunLine::RELATIONS, 'blocks.task.assignee', 'blocks.approval.tasks.assignee', 'starter.person']);
        $sheet = RunAtHand::sheetOf($row, $this->viewer->house());
        $run = RunRows::read($row, $row->blocks);
        $times = $this->times($row, $sheet, $run);
        $critical = $row->over_at === null ? $times->criticalPath() : [];
        $steers = $row->over_at === null && $this->viewer->user()->can('steer', $row);
        $latest = self::latest($row->blocks);
        $seen = $this->sight->among(
            $this->viewer->user(),
            array_values(
                array_filter(array_map(static fn(RunBlock $block): ?string => $block->task_id, array_values($latest))),
            ),
        );

        return [
            'run' => RunLine::of($row, $this->viewer) + [
                'revision' => $row->revision,
                'version' => (int) $row->version?->number,
                'startedBy' => $row->starter?->name,
                'byRule' => $row->rule !== null,
                'endsAt' => $row->over_at === null ? Instant::format($times->end()) : null,
                'steers' => $steers,
            ],
            'lines' => array_map(
                fn(array $line): array => $line +
                    $this->state($line['key'], $run, $latest[$line['key']] ?? null, $times, $seen) + [
                        'critical' => in_array($line['key'], $critical, true),
                        'can' => $steers && $line['kind'] === 'step' ? self::can($run->of($line['key'])) : [],
                    ],
                (new SheetOutline($this->viewer->words()))->of($sheet),
            ),
        ];
    }

    /**
     * @param Collection<int, RunBlock> $blocks
     *
     * @return array<string, RunBlock> the latest round of each, by key
     */
    private static function latest(Collection $blocks): array
    {
        $latest = [];
        foreach ($blocks->sortBy('round') as $block) {
            $latest[$block->key] = $block;
        }

        return $latest;
    }

    /**
     * @param list<string> $seen ids of the tasks that the viewer sees
     *
     * @return array<string, mixed>
     */
    private function state(string $key, Run $run, ?RunBlock $block, RunTimes $times, array $seen): array
    {
        $state = $run->of($key);
        $expected = $times->of($key);
        $isToCome = $state->state === StepState::NotReached && $run->isRunning();
        $task = $block?->task;

        return [
            'state' => $state->state->value,
            'round' => $state->round,
            'why' => $state->why?->value,
            'answer' => $state->answer?->value,
            'at' => Instant::orNull($state->settledAt ?? $state->reachedAt),
            'wakesAt' => Instant::orNull($state->wakesAt),
            'expected' => $isToCome && $expected->counts ? Instant::format($this->workingFrom($expected->from)) : null,
            'who' => $block === null ? [] : RunLine::who($block),
            'task' =>
                $task === null || !in_array($task->id, $seen, true)
                    ? null
                    : ['id' => $task->id, 'number' => (int) $task->number],
        ];
    }

    /** The first working moment of the house from an instant on. */
    private function workingFrom(int $instant): int
    {
        try {
            return (new WorkingTime($this->viewer->snapshot()->roster->house))->add($instant, 1) - 60;
        } catch (NoWorkingTime) {
            return $instant;
        }
    }

    /** @return list<string> */
    private static function can(BlockState $state): array
    {
        return match (true) {
            $state->state === StepState::Stopped => ['again', 'without'],
            $state->state->isSettled() && $state->reachedAt !== null => ['back'],
            default => [],
        };
    }

    private function times(Row $row, Runsheet $sheet, Run $run): RunTimes
    {
        $house = $this->viewer->house();
        $of = $row->task ?? $row->case;
        $of?->loadMissing($of instanceof Task ? TaskSubjects::RELATIONS : CaseSubjects::RELATIONS);
        $subject = $this->subjects->subject($of, $house);

        return new RunTimes($sheet, $run, RunMoments::now($subject, $house), StepMinutes::of($sheet, $house->snapshot));
    }
}
