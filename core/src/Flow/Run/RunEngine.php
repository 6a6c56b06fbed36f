<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\Step\AfterNo;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;

/**
 * How runs of a runsheet go on: (definition, state, what has happened, moment) → new state and what is to be done.
 * What happens to a round that is no longer open makes no difference, so that it may be told twice.
 */
final readonly class RunEngine
{
    public function __construct(private Runsheet $sheet) {}

    public function begin(RunMoment $moment): RunAdvance
    {
        return $this->walk(new Run($moment->at), $moment)->on();
    }

    /** Time has gone by, or the subject has changed. */
    public function look(Run $run, RunMoment $moment): RunAdvance
    {
        return $run->isRunning() ? $this->walk($run, $moment)->on() : new RunAdvance($run, []);
    }

    /** The work of a step is over. */
    public function end(Run $run, string $key, int $round, StepEnd $end, RunMoment $moment): RunAdvance
    {
        $step = $this->open($run, $key, $round);
        if ($step === null) {
            return new RunAdvance($run, []);
        }
        $walk = $this->walk($run, $moment);
        $this->endStep($walk, $step, $end);

        return $walk->on();
    }

    /** An approval that a step has asked for is settled. */
    public function answer(Run $run, string $key, int $round, ApprovalOutcome $outcome, RunMoment $moment): RunAdvance
    {
        $step = $this->open($run, $key, $round);
        if ($step === null || !($step->does instanceof ApprovalStep)) {
            return new RunAdvance($run, []);
        }
        $walk = $this->walk($run, $moment);
        if ($outcome === ApprovalOutcome::Withdrawn) {
            $this->endStep($walk, $step, StepEnd::Failed);

            return $walk->on();
        }
        $walk->settle($key, StepState::Done, null, $outcome);
        $then = match ($outcome) {
            ApprovalOutcome::Yes => AfterNo::GoOn,
            ApprovalOutcome::No => $step->does->no,
            default => $step->does->unanswered,
        };
        if ($then === AfterNo::End) {
            return $walk->stop(RunState::Ended, StepWhy::Ended);
        }
        $back = $step->does->backTo;
        if ($then === AfterNo::Back && $back !== null && self::isGoneBackTo($walk->of($back))) {
            $walk->back($back);
        }

        return $walk->on();
    }

    /**
     * Somebody opens a step again that has stopped.
     *
     * @throws RunRefused
     */
    public function again(Run $run, string $key, RunMoment $moment): RunAdvance
    {
        $this->stopped($run, $key);
        $walk = $this->walk($run, $moment);
        $walk->openAgain($key);

        return $walk->on();
    }

    /**
     * Somebody goes on without a step that has stopped.
     *
     * @throws RunRefused
     */
    public function without(Run $run, string $key, RunMoment $moment): RunAdvance
    {
        $this->stopped($run, $key);
        $walk = $this->walk($run, $moment);
        $walk->settle($key, StepState::Dropped, StepWhy::Without);

        return $walk->on();
    }

    /**
     * Somebody goes back to a step that was opened and is settled.
     *
     * @throws RunRefused
     */
    public function back(Run $run, string $key, RunMoment $moment): RunAdvance
    {
        $this->running($run, $key);
        if (!self::isGoneBackTo($run->of($key))) {
            throw new RunRefused(RunRefusal::NotSettled);
        }
        $walk = $this->walk($run, $moment);
        $walk->back($key);

        return $walk->on();
    }

    /** @throws RunRefused where it is over */
    public function cancel(Run $run, RunMoment $moment): RunAdvance
    {
        return $run->isRunning()
            ? $this->walk($run, $moment)->stop(RunState::Cancelled, StepWhy::Cancelled)
            : throw new RunRefused(RunRefusal::Over);
    }

    private function walk(Run $run, RunMoment $moment): RunWalk
    {
        return new RunWalk($this->sheet, $run, $moment);
    }

    /** A step that is needed stops where its work is dropped, or can't be done. */
    private function endStep(RunWalk $walk, Step $step, StepEnd $end): void
    {
        $why = match ($end) {
            StepEnd::Done => null,
            StepEnd::Dropped => StepWhy::Dropped,
            StepEnd::Failed => StepWhy::Failed,
        };
        if ($why === null) {
            $walk->settle($step->key(), StepState::Done);
        } elseif ($step->needed) {
            $walk->halt($step->key(), $why);
        } else {
            $walk->settle($step->key(), StepState::Dropped, $why);
        }
    }

    /** @return Step|null null: that round of it is not open */
    private function open(Run $run, string $key, int $round): ?Step
    {
        $state = $run->of($key);
        $block = $this->sheet->blocks[$key] ?? null;

        return $run->isRunning() &&
            $block instanceof Step &&
            $state->state === StepState::Open &&
            $state->round === $round
            ? $block
            : null;
    }

    private function running(Run $run, string $key): void
    {
        if (!$run->isRunning()) {
            throw new RunRefused(RunRefusal::Over);
        }
        if (!(($this->sheet->blocks[$key] ?? null) instanceof Step)) {
            throw new RunRefused(RunRefusal::NotThere);
        }
    }

    private function stopped(Run $run, string $key): void
    {
        $this->running($run, $key);
        if ($run->of($key)->state !== StepState::Stopped) {
            throw new RunRefused(RunRefusal::NotStopped);
        }
    }

    private static function isGoneBackTo(BlockState $state): bool
    {
        return $state->reachedAt !== null && $state->state->isSettled();
    }
}
