<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/**
 * Moves runs to another version of their runsheet. Blocks and steps match by key; a step of another kind is another
 * step. What is settled stays; what was not reached and stands before an open step counts as skipped.
 */
final readonly class RunMove
{
    public function __construct(private Runsheet $from, private Runsheet $to) {}

    /**
     * @param list<string> $opens keys of steps that open although they stand before what is open
     *
     * @throws RunRefused where it is over
     */
    public function move(Run $run, RunMoment $moment, array $opens = []): MovedRun
    {
        if (!$run->isRunning()) {
            throw new RunRefused(RunRefusal::Over);
        }
        $gone = [];
        $earlier = $run->earlier;
        foreach ($this->from->blocks as $key => $block) {
            $state = $run->of($key);
            if (isset($this->to->blocks[$key]) && self::isLike($block, $this->to->blocks[$key])) {
                continue;
            }
            if ($block instanceof Step && $state->state === StepState::Open) {
                $gone[] = new RunAct(RunActKind::Withdraw, $key, $state->round);
            }
            if ($state->state !== StepState::NotReached) {
                $earlier[] = new EarlierRound(
                    $key,
                    $state->state->isSettled()
                        ? $state
                        : $state->settled(StepState::Dropped, $moment->at, StepWhy::Gone),
                );
            }
        }
        $states = $this->held($this->to->root, $this->matched($run, $earlier), $moment->at);
        $passed = $this->passed($this->to->root, $states, $opens);
        foreach ($passed as $key) {
            $states[$key] = $states[$key]->settled(StepState::Skipped, $moment->at, StepWhy::Moved);
        }
        $moved = new Run($run->startedAt, RunState::Running, $states, $earlier);

        return new MovedRun(
            (new RunWalk($this->to, $moved, $moment))->on(),
            $gone,
            array_values(array_filter($passed, fn(string $key): bool => $this->to->blocks[$key] instanceof Step)),
        );
    }

    private static function isLike(Block $one, Block $other): bool
    {
        return $one instanceof Step && $other instanceof Step
            ? $one->does::kind() === $other->does::kind()
            : !($one instanceof Step) && !($other instanceof Step);
    }

    /**
     * @param list<EarlierRound> $earlier
     *
     * @return array<string, BlockState> of the other version
     */
    private function matched(Run $run, array $earlier): array
    {
        $rounds = [];
        foreach ($earlier as $one) {
            $rounds[$one->key] = max($rounds[$one->key] ?? 0, $one->state->round);
        }
        $states = [];
        foreach ($this->to->blocks as $key => $block) {
            $before = $this->from->blocks[$key] ?? null;
            // What a step makes is known by its round: one that was there before never has the same again.
            $states[$key] =
                $before !== null && self::isLike($before, $block)
                    ? $run->of($key)
                    : new BlockState(StepState::NotReached, ($rounds[$key] ?? 0) + 1);
        }

        return $states;
    }

    /**
     * What holds something that is open is open, and what holds something that was reached is reached.
     *
     * @param array<string, BlockState> $states
     *
     * @return array<string, BlockState>
     */
    private function held(Block $block, array $states, int $at): array
    {
        foreach ($block->within() as $one) {
            $states = $this->held($one, $states, $at);
        }
        $state = $states[$block->key()];
        foreach ($block->within() as $one) {
            $inner = $states[$one->key()]->state;
            if ($inner->isBegun() && $state->state !== StepState::Open) {
                $state = $state->reachedAt === null ? $state->opened($at) : $state->reopened();
            } elseif ($inner !== StepState::NotReached && $state->state === StepState::NotReached) {
                $state = $state->opened($at);
            }
        }

        return [$block->key() => $state] + $states;
    }

    /**
     * @param array<string, BlockState> $states
     * @param list<string>              $opens
     *
     * @return list<string> keys of what was not reached and is passed over
     */
    private function passed(Block $block, array $states, array $opens): array
    {
        $state = $states[$block->key()]->state;
        if ($state === StepState::NotReached) {
            return [];
        }
        if ($state->isSettled()) {
            return $this->notReached($block, $states, []);
        }
        $passed = [];
        $isBefore = false;
        foreach (array_reverse($block->within()) as $one) {
            array_unshift(
                $passed,
                ...$isBefore && $block instanceof Sequence
                    ? $this->notReached($one, $states, $opens)
                    : $this->passed($one, $states, $opens),
            );
            $isBefore = $isBefore || $this->holdsOpenStep($one, $states);
        }

        return $passed;
    }

    /** @param array<string, BlockState> $states */
    private function holdsOpenStep(Block $block, array $states): bool
    {
        foreach (Runsheet::keysIn($block) as $key) {
            if ($this->to->blocks[$key] instanceof Step && $states[$key]->state->isBegun()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<string, BlockState> $states
     * @param list<string>              $but    what holds one of these is left
     *
     * @return list<string>
     */
    private function notReached(Block $block, array $states, array $but): array
    {
        $keys = [];
        foreach (Runsheet::keysIn($block) as $key) {
            if (
                $states[$key]->state === StepState::NotReached &&
                array_intersect(Runsheet::keysIn($this->to->blocks[$key]), $but) === []
            ) {
                $keys[] = $key;
            }
        }

        return $keys;
    }
}
