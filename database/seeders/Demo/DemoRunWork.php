<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Approvals\AnswerApproval;
use App\Models\Access\User;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Refusals\Refused;
use App\Runsheets\GoOn;
use App\Tasks\ClaimTask;
use App\Tasks\CompleteTask;
use App\Tasks\DropTask;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Flow\Run\Run as CoreRun;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Flow\Vote;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What the people of Alder & Quill do for runs, day by day. */
final class DemoRunWork
{
    private readonly Randomizer $random;

    public function __construct(private readonly GoOn $goOn, private readonly AnswerApproval $answer)
    {
        // Its own, so that what else the demo does stays as it is.
        $this->random = new Randomizer(new Mt19937(2303));
    }

    /** Most of what steps made, or whose runs are over, is done by whoever has it; little is dropped. */
    public function __invoke(User $lead): void
    {
        $this->answer();
        $open = Task::query()
            ->with(['assignee.user', 'kind'])
            ->open()
            ->where('runs', 0)
            ->where('arrived_at', '<', CarbonImmutable::now()->subHours(12))
            ->where(
                static fn(Builder $any): Builder => $any
                    ->where('source', TaskSource::Run)
                    ->orWhereIn(
                        'id',
                        Run::query()->whereNotNull('over_at')->whereNotNull('task_id')->select('task_id'),
                    ),
            )
            ->orderBy('number')
            ->get();
        foreach ($open as $task) {
            try {
                $this->workOn($task, $this->random->getInt(1, 20), $lead);
            } catch (Refused) {
                // It waits, or has gone on meanwhile.
            }
        }
        $this->decide($lead);
        // Of the others nothing has changed that they wait for.
        $concerned = Run::query()
            ->running()
            ->where(
                static fn(Builder $any): Builder => $any
                    ->where('wakes_at', '<=', CarbonImmutable::now())
                    ->orWhereHas(
                        'waiting',
                        static fn(Builder $block): Builder => $block
                            ->whereHas('task', static fn(Builder $task): Builder => $task->whereNotNull('completed_at'))
                            ->orWhereHas('approval', static fn(Builder $one): Builder => $one->whereNotNull('outcome')),
                    ),
            );
        foreach ($concerned->orderBy('id')->get(['id']) as $run) {
            ($this->goOn)($run->id);
        }
    }

    private function workOn(Task $task, int $dice, User $lead): void
    {
        $user = $task->assignee?->user;
        if ($user === null && $dice > 4) {
            $this->claim($task);
        } elseif ($dice === 1) {
            app(DropTask::class)($task, 'It is not wanted any more.', $lead);
        } elseif ($user !== null && $dice > 6) {
            $user->setRelation('person', $task->assignee);
            app(CompleteTask::class)($task, $user, 'Done.', $task->estimate_minutes, anyway: true);
        }
    }

    /** What is open to several is taken by one of them. */
    private function claim(Task $task): void
    {
        $person = $task->claimants()->with('user')->orderBy('slug')->first();
        if ($person?->user !== null) {
            app(ClaimTask::class)($task, $person, $person->user->setRelation('person', $person));
        }
    }

    /** Where a run has stopped the lead goes on without the step, or calls it off, some days later. */
    private function decide(User $lead): void
    {
        $stopped = RunBlock::query()
            ->where('state', StepState::Stopped)
            ->whereHas('run', static fn(Builder $run): Builder => $run->where('state', RunState::Running))
            ->with('run')
            ->orderBy('id')
            ->get();
        foreach ($stopped as $block) {
            $dice = $this->random->getInt(1, 8);
            if ($block->run === null || $dice > 3) {
                continue;
            }
            $this->goOn->by(
                $block->run->id,
                $block->run->refresh()->revision,
                static fn(RunEngine $engine, CoreRun $run, RunMoment $moment): RunAdvance => $dice === 1
                    ? $engine->cancel($run, $moment)
                    : $engine->without($run, $block->key, $moment),
                Actor::user($lead),
            );
        }
    }

    private function answer(): void
    {
        $asked = Task::query()
            ->with('assignee.user')
            ->open()
            ->whereNotNull('assignee_id')
            ->whereHas(
                'approval',
                static fn(Builder $one): Builder => $one
                    ->whereIn('name', ['Estimate', 'Go-ahead'])
                    ->whereNotNull('rule'),
            )
            ->orderBy('number')
            ->get();
        foreach ($asked as $task) {
            $user = $task->assignee?->user;
            $dice = $this->random->getInt(1, 10);
            if ($user === null || $dice <= 4) {
                continue;
            }
            $user->setRelation('person', $task->assignee);
            // Whoever was asked beside them may have answered by now.
            if ($task->approval()->open()->exists()) {
                $dice === 5
                    ? $this->answer->vote($task, Vote::No, 'It costs more than a new one.', $user)
                    : $this->answer->vote($task, Vote::Yes, null, $user);
            }
        }
    }
}
