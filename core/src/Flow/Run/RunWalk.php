<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\Step\Waits;

/** A run while it goes on from one moment: its states, and what is to be done about its steps. */
final class RunWalk
{
    /** @var array<string, BlockState> */
    private array $states;

    /** @var list<EarlierRound> */
    private array $earlier;

    /** @var array<string, true> steps that open without being asked for their conditions, by key */
    private array $unasked = [];

    /** @var list<RunAct> */
    private array $withdrawn = [];

    /** @var array<string, RunAct> by key */
    private array $opened = [];

    public function __construct(
        private readonly Runsheet $sheet,
        private readonly Run $run,
        private readonly RunMoment $moment,
    ) {
        $this->states = array_map(static fn(Block $block): BlockState => $run->of($block->key()), $sheet->blocks);
        $this->earlier = $run->earlier;
    }

    public function of(string $key): BlockState
    {
        return $this->states[$key];
    }

    /** Everything that can be reached is; what is over is settled. */
    public function on(): RunAdvance
    {
        $this->visit($this->sheet->root);

        return $this->over(
            $this->states[$this->sheet->root->key()]->state->isSettled() ? RunState::Finished : RunState::Running,
        );
    }

    /** The run is over at once; what is open in it is withdrawn. */
    public function stop(RunState $as, StepWhy $why): RunAdvance
    {
        foreach ($this->states as $key => $state) {
            if ($state->state->isBegun()) {
                $this->withdraw($key);
                $this->settle($key, StepState::Dropped, $why);
            }
        }

        return $this->over($as);
    }

    public function settle(string $key, StepState $as, ?StepWhy $why = null, ?ApprovalOutcome $answer = null): void
    {
        $this->states[$key] = $this->states[$key]->settled($as, $this->moment->at, $why, $answer);
    }

    public function halt(string $key, StepWhy $why): void
    {
        $this->states[$key] = $this->states[$key]->stopped($why, $this->moment->at);
    }

    /** The next round of a step opens, whatever its condition. */
    public function openAgain(string $key): void
    {
        $this->nextRound($key);
        $this->unasked[$key] = true;
    }

    /** Goes back to a step: it opens again, and so does what is later one after another above it. */
    public function back(string $key): void
    {
        $this->openAgain($key);
        $from = $key;
        foreach ($this->sheet->above($key) as $above) {
            $block = $this->sheet->blocks[$above];
            $later = match (true) {
                $block instanceof Sequence => $block->after($from),
                // Once enough of them were done the others were dropped: there is nothing to choose from but all.
                $block instanceof Lanes && $block->first !== null && $this->states[$above]->state->isSettled()
                    => array_filter($block->within(), static fn(Block $one): bool => $one->key() !== $from),
                default => [],
            };
            foreach ($later as $one) {
                $this->reset($one);
            }
            $this->states[$above] = $this->states[$above]->reopened();
            $from = $above;
        }
    }

    private function reset(Block $block): void
    {
        foreach (Runsheet::keysIn($block) as $key) {
            if ($this->states[$key]->state !== StepState::NotReached) {
                $this->withdraw($key);
                $this->nextRound($key);
            }
        }
    }

    private function nextRound(string $key): void
    {
        $this->earlier[] = new EarlierRound($key, $this->states[$key]);
        $this->states[$key] = $this->states[$key]->again();
    }

    /** A block that is reached: what holds it is, and all before it is settled. */
    private function visit(Block $block): void
    {
        $key = $block->key();
        if ($this->states[$key]->state === StepState::NotReached && !$this->reach($block)) {
            return;
        }
        if ($this->states[$key]->state !== StepState::Open) {
            return;
        }
        if ($block instanceof Step) {
            $this->lookAt($block);

            return;
        }
        foreach ($block->within() as $one) {
            $this->visit($one);
            if ($block instanceof Sequence && !$this->states[$one->key()]->state->isSettled()) {
                return;
            }
        }
        $this->settleWhole($block);
    }

    /** @return bool whether it opens */
    private function reach(Block $block): bool
    {
        $key = $block->key();
        $condition = isset($this->unasked[$key]) ? null : $block->condition();
        if ($condition !== null && !$this->moment->holds($condition, Run::answersIn($this->states))) {
            foreach (Runsheet::keysIn($block) as $one) {
                $this->settle($one, StepState::Skipped, StepWhy::Condition);
            }

            return false;
        }
        $this->states[$key] = $this->states[$key]->opened($this->moment->at);
        if ($block instanceof Step && $this->states[$key]->round > Run::MOST_ROUNDS) {
            $this->halt($key, StepWhy::Rounds);
        } elseif ($block instanceof Step && $block->makes()) {
            $this->opened[$key] = new RunAct(RunActKind::Open, $key, $this->states[$key]->round);
        }

        return true;
    }

    private function lookAt(Step $step): void
    {
        if (!($step->does instanceof Waits)) {
            return;
        }
        $key = $step->key();
        $state = $this->states[$key];
        $waiting = $step->does->look(
            $state->reachedAt ?? $this->moment->at,
            $this->moment,
            Run::answersIn($this->states),
        );
        if ($waiting->isOver) {
            $this->settle($key, StepState::Done, $waiting->late ? StepWhy::Latest : null);
        } else {
            $this->states[$key] = $state->wakingAt($waiting->wakesAt);
        }
    }

    /** Settles what holds others once all in it are settled, or as many are done as are enough. */
    private function settleWhole(Block $block): void
    {
        $open = $done = [];
        foreach ($block->within() as $one) {
            $state = $this->states[$one->key()]->state;
            $open = $state->isSettled() ? $open : [...$open, $one];
            $done = $state === StepState::Done ? [...$done, $one] : $done;
        }
        $enough = $block instanceof Lanes && $block->first !== null && count($done) >= $block->first;
        if ($open !== [] && !$enough) {
            return;
        }
        foreach ($open as $one) {
            $this->drop($one, StepWhy::Enough);
        }
        $this->settle(
            $block->key(),
            StepState::ofAll(
                array_map(fn(Block $one): StepState => $this->states[$one->key()]->state, $block->within()),
            ),
        );
    }

    private function drop(Block $block, StepWhy $why): void
    {
        foreach (Runsheet::keysIn($block) as $key) {
            if (!$this->states[$key]->state->isSettled()) {
                $this->withdraw($key);
                $this->settle($key, StepState::Dropped, $why);
            }
        }
    }

    /** What has only been opened at this moment is not made in the first place. */
    private function withdraw(string $key): void
    {
        $state = $this->states[$key];
        if (isset($this->opened[$key])) {
            unset($this->opened[$key]);
        } elseif ($state->state === StepState::Open && $this->makes($key)) {
            $this->withdrawn[] = new RunAct(RunActKind::Withdraw, $key, $state->round);
        }
    }

    private function makes(string $key): bool
    {
        $block = $this->sheet->blocks[$key];

        return $block instanceof Step && $block->makes();
    }

    private function over(RunState $state): RunAdvance
    {
        return new RunAdvance(
            new Run(
                $this->run->startedAt,
                $state,
                $this->states,
                $this->earlier,
                $state === RunState::Running ? null : $this->moment->at,
            ),
            [...$this->withdrawn, ...array_values($this->opened)],
        );
    }
}
