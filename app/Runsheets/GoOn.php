<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Access\Actor;
use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\SubjectRows;
use App\Models\Runsheets\Run as Row;
use App\Models\Tasks\Task;
use App\Refusals\RunMovedOn;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunAct;
use OpenBaton\Core\Flow\Run\RunActKind;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Rulebook\Event\RunOver;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Carries runs on, as far as they go at a moment, in one transaction: what has become of the work of their steps is
 * looked at, not told, so that it makes no difference how often, and a crash leaves it to whoever looks next.
 */
final class GoOn
{
    /** Steps that follow each other at one moment; what is left goes on by the next tick. */
    private const MOST = 600;

    /** @var array<string, true> ids of the runs that go on further out: what is below them leaves them to that */
    private array $going = [];

    public function __construct(
        private readonly Houses $houses,
        private readonly SubjectRows $subjects,
        private readonly StepWork $work,
        private readonly ChangeRunner $runner,
    ) {}

    public function __invoke(string $runId): void
    {
        DB::transaction(function () use ($runId): void {
            $this->carryOn($runId, $this->houses->lock());
        }, attempts: 3);
    }

    /**
     * What a person does with a run.
     *
     * @param int                                         $seen revision that was looked at
     * @param Closure(RunEngine, Run, RunMoment): RunAdvance $does
     * @param bool                                        $keeps open tasks are left where they would be dropped
     *
     * @throws RunMovedOn where it has gone on since
     */
    public function by(string $runId, int $seen, Closure $does, Actor $by, bool $keeps = false): void
    {
        DB::transaction(function () use ($runId, $seen, $does, $by, $keeps): void {
            $locked = $this->houses->lock();
            $row = Row::query()->lockForUpdate()->findOrFail($runId);
            if ($row->revision !== $seen) {
                throw RunMovedOn::since($row);
            }
            $hand = RunAtHand::of($row, $locked, $this->subjects);
            $moment = $hand->moment();
            $advance = $does(new RunEngine($hand->sheet), $hand->run(), $moment);
            $this->with($hand, $advance, $moment, $by, $keeps);
        }, attempts: 3);
    }

    /** Carries a run on by what has been decided about it, under the lock by which it is at hand. */
    public function with(RunAtHand $hand, RunAdvance $advance, RunMoment $moment, Actor $by, bool $keeps): void
    {
        $this->going($hand->row->id, fn() => $this->take($hand, $advance, $moment, $keeps, $by));
        $this->carryOn($hand->row->id, $hand->locked);
    }

    private function carryOn(string $runId, LockedHouse $locked): void
    {
        if (isset($this->going[$runId])) {
            return;
        }
        $row = Row::query()->lockForUpdate()->find($runId);
        if ($row === null || $row->state !== RunState::Running) {
            return;
        }
        $this->going($runId, fn() => $this->asFarAsItGoes(RunAtHand::of($row, $locked, $this->subjects)));
    }

    private function going(string $runId, Closure $on): void
    {
        $this->going[$runId] = true;
        try {
            $on();
        } finally {
            unset($this->going[$runId]);
        }
    }

    private function asFarAsItGoes(RunAtHand $hand): void
    {
        $engine = new RunEngine($hand->sheet);
        if ($hand->run()->blocks === []) {
            $this->onSubject($hand, 'run_started');
        }
        for ($steps = 0; $steps < self::MOST; ++$steps) {
            $moment = $hand->moment();
            if (!$this->take($hand, $this->next($hand, $engine, $moment), $moment)) {
                foreach ($hand->open() as [$of, $block]) {
                    $this->work->date($of, $block, $moment);
                }
                RunRows::wakes($hand->row, $hand->run());

                return;
            }
        }
    }

    private function next(RunAtHand $hand, RunEngine $engine, RunMoment $moment): RunAdvance
    {
        foreach ($hand->open() as [$of, $block]) {
            $over = $this->work->over($of, $block);
            if ($over !== null) {
                return $over instanceof ApprovalOutcome
                    ? $engine->answer($hand->run(), $of->step->key(), $of->round, $over, $moment)
                    : $engine->end($hand->run(), $of->step->key(), $of->round, $over, $moment);
            }
        }

        return $engine->look($hand->run(), $moment);
    }

    /** @return bool whether it has gone on */
    private function take(
        RunAtHand $hand,
        RunAdvance $advance,
        RunMoment $moment,
        bool $keeps = false,
        ?Actor $by = null,
    ): bool {
        if (!$hand->take($advance)) {
            return false;
        }
        foreach ($advance->acts as $act) {
            $act->kind === RunActKind::Open ? $this->open($hand, $act, $moment) : $this->withdraw($hand, $act, $keeps);
        }
        // What a step that acts at once has brought about is carried on, and over, within that.
        if (!$advance->run->isRunning()) {
            $this->over($hand, $by);
        }

        return true;
    }

    private function open(RunAtHand $hand, RunAct $act, RunMoment $moment): void
    {
        $state = $hand->run()->of($act->key);
        // One that acted at once before it may have been enough, or may have led back.
        if ($state->state !== StepState::Open || $state->round !== $act->round) {
            return;
        }
        $of = new OfRun($hand, $hand->sheet->steps()[$act->key], $act->round);
        $block = $hand->block($act->key, $act->round);
        $end = $this->work->open($of, $block, $moment);
        if ($block->child_id !== null) {
            $this->carryOn($block->child_id, $hand->locked);
        }
        if ($end !== null) {
            // The step may have changed what the run is of.
            $now = $hand->moment();
            $engine = new RunEngine($hand->sheet);
            $this->take($hand, $engine->end($hand->run(), $act->key, $act->round, $end, $now), $now);
        }
    }

    private function withdraw(RunAtHand $hand, RunAct $act, bool $keeps): void
    {
        $child = $this->work->withdraw($hand->block($act->key, $act->round), $keeps);
        if ($child !== null) {
            $below = RunAtHand::of($child, $hand->locked, $this->subjects);
            $moment = $below->moment();
            $this->take($below, (new RunEngine($below->sheet))->cancel($below->run(), $moment), $moment, $keeps);
        }
    }

    /** Whoever waits for it goes on, and rules hear of it. */
    private function over(RunAtHand $hand, ?Actor $by): void
    {
        $hand->row->update(['only' => null]);
        $state = $hand->row->state;
        $this->onSubject(
            $hand,
            "run_{$state->value}",
            $by,
            $state === RunState::Cancelled ? null : new RunOver($hand->sheet->id, $state, $hand->sheet->about),
        );
        if ($hand->row->parent_id !== null) {
            $this->carryOn($hand->row->parent_id, $hand->locked);
        }
    }

    /** The task or case of the run has as many that are not over as there are now. */
    private function onSubject(RunAtHand $hand, string $occasion, ?Actor $by = null, ?RunOver $happened = null): void
    {
        $row = $hand->subjectRow();
        $before = $hand->subjectOf($row);
        if ($row === null || (!($before instanceof TaskSubject) && !($before instanceof CaseSubject))) {
            return;
        }
        $after = $before->with(['runs' => Row::query()->running()->ofSubject($row)->count()]);
        $at = CarbonImmutable::now()->getTimestamp();
        $user = $by === null ? $hand->row->started_by : $by->user?->id;
        $this->runner->run(
            $hand->locked,
            new Occasion($at, Cause::System, $occasion, $user, $user === null ? 'run' : null, $hand->sheet->name),
            [
                new ChangeSet(
                    "{$hand->row->id}/{$occasion}",
                    $at,
                    $before,
                    $after,
                    $hand->locked->house->router()->facts->of($before, $after, $at),
                    Cause::System,
                    $happened === null ? [] : [$happened],
                ),
            ],
            [$row->id => $row],
        );
    }
}
