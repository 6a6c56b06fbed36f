<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Approvals\AnswerApproval;
use App\Intake\TakeInTask;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Refusals\Refused;
use App\Runsheets\BeginRun;
use App\Runsheets\GoOn;
use App\Runsheets\SaveRunsheet;
use App\Tasks\ClaimTask;
use App\Tasks\CompleteTask;
use App\Tasks\DropTask;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Run\Run as CoreRun;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Flow\Vote;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How the runsheets of Alder & Quill ran in the weeks that are lived through. */
final class DemoRunsheets
{
    /** What comes to be repaired, or back. */
    private const WHAT = [
        'Sousaphone, crushed bell',
        'Bass clarinet, bent keys',
        'Double bass, open seam',
        'Baritone horn, stuck valves',
        'Cello, broken neck',
        'Bassoon, worn pads',
    ];

    private readonly Randomizer $random;
    private int $started = 0;

    public function __construct(
        private readonly SaveRunsheet $save,
        private readonly BeginRun $begin,
        private readonly GoOn $goOn,
        private readonly TakeInTask $takeIn,
        private readonly AnswerApproval $answer,
    ) {
        // Its own, so that what else the demo does stays as it is.
        $this->random = new Randomizer(new Mt19937(2302));
    }

    /** @param int $until instant before which work comes */
    public function plan(DemoHistory $history, CarbonImmutable $begin, int $until, User $lead): void
    {
        $history->at($begin->setTime(8, 20)->getTimestamp(), fn() => $this->publish($lead));
        for ($day = $begin; $day->setTime(10, 50)->getTimestamp() < $until; $day = $day->addDay()) {
            if (in_array($day->dayOfWeekIso, [1, 3, 4], true)) {
                $history->at($day->setTime(10, 50)->getTimestamp(), fn() => $this->start($lead));
            }
            if ($day->isWeekday() && $day->setTime(16, 40)->getTimestamp() < $until) {
                $history->at($day->setTime(16, 40)->getTimestamp(), fn() => $this->work($lead));
            }
        }
    }

    private function publish(User $lead): void
    {
        $by = Actor::user($lead);
        foreach (DemoSheets::all() as $document) {
            $sheet = $this->save->draft(Node::root($document), $by, 0);
            $this->save->publish($sheet, $sheet->revision, $by);
        }
    }

    private function start(User $lead): void
    {
        $number = $this->started++;
        [$slug, $of] = match ($number % 6) {
            1, 4 => ['return', $this->task('return-inspection', $number)],
            2 => ['new-hire', $this->hire()],
            5 => $number % 12 === 5
                ? ['newcomer-on-the-bench', null]
                : ['large-repair', $this->task('bench-repair', $number)],
            default => ['large-repair', $this->task('bench-repair', $number)],
        };
        if ($of === null && $slug === 'new-hire') {
            return;
        }
        $sheet = Runsheet::query()->where('slug', $slug)->sole();
        $run = DB::transaction(fn(): Run => $this->begin->byHand($sheet, $of, Actor::user($lead)));
        ($this->goOn)($run->id);
    }

    private function task(string $kind, int $number): Task
    {
        $title = self::WHAT[$number % count(self::WHAT)];
        $customers = Customer::query()->orderBy('slug')->limit(40)->pluck('slug')->all();

        return $this->takeIn
            ->__invoke(
                Node::root([
                    'title' => $kind === 'bench-repair' ? $title : "Back from hire: {$title}",
                    'kind' => $kind,
                    'customer' => $customers[$this->random->getInt(0, count($customers) - 1)],
                    'tags' => $number % 4 === 0 ? ['insured'] : [],
                ]),
                TaskSource::ByHand,
                User::query()->where('email', 'oona@alderquill.example')->sole(),
            )
            ->task->refresh();
    }

    private function hire(): ?CustomerCase
    {
        return CustomerCase::query()
            ->open()
            ->where('runs', 0)
            ->whereHas('track', static fn(Builder $track): Builder => $track->where('slug', 'hire'))
            ->orderBy('number')
            ->first();
    }

    /** Most of what is open since the day before is done by whoever has it; little is dropped; most is approved. */
    private function work(User $lead): void
    {
        $this->answer();
        $open = Task::query()
            ->with(['assignee.user', 'kind'])
            ->open()
            ->where('source', TaskSource::Run)
            ->where('arrived_at', '<', CarbonImmutable::now()->subHours(12))
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
