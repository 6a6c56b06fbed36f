<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Access\Actor;
use App\Approvals\EndApproval;
use App\Models\Runsheets\Run as Row;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use LogicException;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\Step\ActStep;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Flow\Run\Step\RunsheetStep;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** The work of steps: what opening one makes, what has become of it, and how it is withdrawn. */
final readonly class StepWork
{
    public function __construct(
        private StepTask $tasks,
        private StepAct $acts,
        private BeginRun $begin,
        private EditTask $edit,
        private EndApproval $approvals,
    ) {}

    /** @return StepEnd|null null: what it makes is open by now, or nothing but the run is waited for */
    public function open(OfRun $of, RunBlock $block, RunMoment $moment): ?StepEnd
    {
        $does = $of->step->does;
        if ($does instanceof ActStep) {
            return $this->acts->act($of, $does->act, $moment);
        }
        $made = match (true) {
            $does instanceof TaskStep => self::ofMade($this->tasks->make($of, $does, $moment)),
            $does instanceof ApprovalStep => ['approval_id' => $this->acts->ask($of, $does, $moment)?->id],
            $does instanceof RunsheetStep => ['child_id' => $this->begin->below($of, $does)?->id],
            default => throw new LogicException('Nothing is made for a step of the kind ' . $does::kind() . '.'),
        };
        $block->fill($made)->save();

        return match (true) {
            array_filter($made) === [] => StepEnd::Failed,
            $does instanceof RunsheetStep && !$does->hold => StepEnd::Done,
            default => null,
        };
    }

    /** @return StepEnd|ApprovalOutcome|null null: it is open still */
    public function over(OfRun $of, RunBlock $block): StepEnd|ApprovalOutcome|null
    {
        return match (true) {
            $of->step->does instanceof TaskStep => self::ofTask($block->task()->first()),
            $of->step->does instanceof ApprovalStep => $block->approval_id === null
                ? StepEnd::Failed
                : $block->approval()->first()?->outcome,
            $of->step->does instanceof RunsheetStep => self::ofRun($block->child()->first()),
            default => null,
        };
    }

    /** @return array<string, mixed> columns of a round whose task was made */
    private static function ofMade(?Task $task): array
    {
        return ['task_id' => $task?->id, 'due_at' => $task?->due_at];
    }

    /** Puts the due date of an open step where it is by now, such as after the end of another step. */
    public function date(OfRun $of, RunBlock $block, RunMoment $moment): void
    {
        $due = $of->step->does instanceof TaskStep ? $of->step->does->due : null;
        $at = $due?->instant($of->step->key(), $of->hand->run(), $moment);
        $task = $at === null || $at === $block->due_at?->getTimestamp() ? null : $block->task()->open()->first();
        if ($task === null || $task->due_at?->getTimestamp() !== $block->due_at?->getTimestamp()) {
            return;
        }
        ($this->edit)(
            $task->id,
            null,
            new Edit('run_dated', static fn(TaskSubject $subject): TaskSubject => $subject->dueAt($at)),
            Actor::system('run'),
            Cause::System,
        );
        $block->update(['due_at' => CarbonImmutable::createFromTimestampUTC($at)]);
    }

    private static function ofTask(?Task $task): ?StepEnd
    {
        return match ($task?->status) {
            null, TaskStatus::Dropped => StepEnd::Dropped,
            TaskStatus::Done => StepEnd::Done,
            default => null,
        };
    }

    private static function ofRun(?Row $run): ?StepEnd
    {
        return match ($run?->state) {
            RunState::Running => null,
            RunState::Finished, RunState::Ended => StepEnd::Done,
            default => StepEnd::Failed,
        };
    }

    /**
     * @param bool $keeps its open task is left
     *
     * @return Row|null the run that is to be cancelled with it
     */
    public function withdraw(RunBlock $block, bool $keeps): ?Row
    {
        $task = $keeps || $block->task_id === null ? null : Task::query()->open()->find($block->task_id);
        if ($task !== null) {
            ($this->edit)(
                $task->id,
                null,
                new Edit(
                    'run_withdrawn',
                    static fn(TaskSubject $subject): TaskSubject => $subject->inStatus(TaskStatus::Dropped),
                ),
                Actor::system('run'),
                Cause::System,
            );
        }
        $approval = $block->approval_id === null ? null : $block->approval()->open()->first();
        if ($approval !== null) {
            $this->approvals->withdraw($approval, null, Actor::system('run'));
        }

        return $block->child_id === null ? null : $block->child()->running()->first();
    }
}
