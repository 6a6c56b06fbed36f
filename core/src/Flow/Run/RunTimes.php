<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Flow\Run\Step\WaitFor;
use OpenBaton\Core\Flow\Run\Step\Waits;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingTime;

/**
 * When the steps of a run are expected to begin and end, and which of them decide when it ends: the critical path
 * method (Kelley and Walker, 1959) over a tree, where one after another and side by side stand for the arrows. A step
 * takes its working time by the hours of the house; what is skipped counts nothing, a condition that is not known yet
 * counts as true, and side by side where the first k are enough ends with its k-th.
 */
final class RunTimes
{
    private readonly WorkingTime $time;

    /** @var array<string, Expected> by key */
    private array $expected = [];

    /**
     * @param array<string, int> $minutes of working time by key of step; of those that are not there, none
     * @param array<string, int> $ends    instants at which open steps are expected to end, where that is known better
     * @param array<string, int> $delays  minutes by which steps end later
     */
    public function __construct(
        private readonly Runsheet $sheet,
        private readonly Run $run,
        private readonly RunMoment $moment,
        private readonly array $minutes = [],
        private readonly array $ends = [],
        private readonly array $delays = [],
    ) {
        $this->time = new WorkingTime($moment->house);
        $this->expect($sheet->root, $run->startedAt);
    }

    public function of(string $key): Expected
    {
        return $this->expected[$key];
    }

    /** @return int instant at which the run ends */
    public function end(): int
    {
        return $this->run->overAt ?? $this->expected[$this->sheet->root->key()]->to;
    }

    /** @return int instant at which the run ends where a step ends so many minutes of working time later */
    public function endIfDelayed(string $key, int $minutes): int
    {
        return (new self($this->sheet, $this->run, $this->moment, $this->minutes, $this->ends, [
            $key => $minutes,
        ]))->end();
    }

    /** @return list<string> keys of the steps that decide when the run ends, in their order */
    public function criticalPath(): array
    {
        return $this->critical($this->sheet->root);
    }

    private function expect(Block $block, int $from): Expected
    {
        $state = $this->run->of($block->key());
        if ($state->state === StepState::Skipped || $state->state === StepState::Dropped) {
            foreach (Runsheet::keysIn($block) as $key) {
                $this->expected[$key] = new Expected($from, $from, false);
            }

            return $this->expected[$block->key()];
        }
        $from = $state->reachedAt ?? $from;
        $expected = match (true) {
            $block instanceof Step => $this->step($block, $state, $from),
            $block instanceof Lanes => $this->lanes($block, $from),
            default => $this->sequence($block, $from),
        };

        return $this->expected[$block->key()] =
            $state->settledAt === null ? $expected : new Expected($from, $state->settledAt);
    }

    private function sequence(Block $block, int $from): Expected
    {
        $to = $from;
        foreach ($block->within() as $one) {
            $to = $this->expect($one, $to)->to;
        }

        return new Expected($from, $to);
    }

    private function lanes(Lanes $block, int $from): Expected
    {
        foreach ($block->within() as $one) {
            $this->expect($one, $from);
        }

        return new Expected($from, $this->lastOf($block) ?? $from);
    }

    /** @return int|null instant at which as many have ended as are enough; null: none counts */
    private function lastOf(Lanes $block): ?int
    {
        $ends = [];
        foreach ($block->within() as $one) {
            if ($this->expected[$one->key()]->counts) {
                $ends[] = $this->expected[$one->key()]->to;
            }
        }
        sort($ends);

        return $ends[($block->first ?? count($ends)) - 1] ?? ($ends === [] ? null : $ends[count($ends) - 1]);
    }

    private function step(Step $step, BlockState $state, int $from): Expected
    {
        $key = $step->key();
        $delay = $this->delays[$key] ?? 0;
        if ($state->state === StepState::Done) {
            return new Expected($from, $state->settledAt ?? $from);
        }
        if ($state->state === StepState::NotReached && $step->does instanceof TaskStep) {
            $from = max($from, $step->does->start?->instant($key, $this->run, $this->moment) ?? $from);
        }
        $to = $this->ends[$key] ?? $this->ofItself($step, $from);

        return new Expected($from, $this->after(max($to, $state->state->isBegun() ? $this->moment->at : $to), $delay));
    }

    private function ofItself(Step $step, int $from): int
    {
        if ($step->does instanceof Waits) {
            $waiting = $step->does->look($from, $this->moment, $this->run->answers());

            return $waiting->isOver ? $from : max($from, $waiting->wakesAt ?? $from);
        }
        $within =
            $step->does instanceof ApprovalStep ? WaitFor::after($step->does->within, $from, $this->moment) : null;

        return $within ?? $this->after($from, $this->minutes[$step->key()] ?? 0);
    }

    private function after(int $from, int $minutes): int
    {
        try {
            return $this->time->add($from, $minutes);
        } catch (NoWorkingTime) {
            return $from;
        }
    }

    /** @return list<string> */
    private function critical(Block $block): array
    {
        if ($block instanceof Step) {
            return [$block->key()];
        }
        $critical = [];
        if ($block instanceof Lanes) {
            $last = $this->lastOf($block);
            foreach ($block->within() as $one) {
                $expected = $this->expected[$one->key()];
                if ($expected->counts && $expected->to === $last) {
                    array_push($critical, ...$this->critical($one));
                }
            }

            return $critical;
        }
        $begins = null;
        foreach (array_reverse($block->within()) as $one) {
            $expected = $this->expected[$one->key()];
            if (!$expected->counts) {
                continue;
            }
            // What begins later than the one before ends, by a date of its own, does not hang on it.
            if ($begins !== null && $begins > $expected->to) {
                break;
            }
            array_unshift($critical, ...$this->critical($one));
            $begins = $expected->from;
        }

        return $critical;
    }
}
