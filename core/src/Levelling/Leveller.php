<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

use Closure;

/**
 * Looks for an assignment that is better than today's: moves one task, swaps two, or lets a third make room, as long as
 * that helps and the budget of steps lasts. The same input gives the same plan; it is never worse than today.
 */
final class Leveller
{
    private Assignment $assignment;

    private int $left;

    /**
     * @param list<Movable>        $tasks in the order of the load plan, the earliest due first
     * @param array<string, Reach> $reach by person
     */
    public function __construct(
        private readonly array $tasks,
        private readonly array $reach,
        private readonly Terms $terms,
    ) {
        $this->assignment = new Assignment($tasks, $reach);
        $this->left = 0;
    }

    /**
     * @param int            $budget of assignments that are looked at
     * @param (Closure(Levelled): bool)|null $goesOn asked after each step with what is best so far
     */
    public function level(int $budget, ?Closure $goesOn = null): Levelled
    {
        $before = $this->assignment->cost();
        $bound = FlowBound::of($this->tasks, $this->reach);
        $this->left = $budget;
        $made = fn(): Levelled => new Levelled(
            $this->moves(),
            $before,
            $this->assignment->cost(),
            $bound,
            $budget - $this->left,
        );
        while ($this->left > 0 && ($better = $this->better()) !== null) {
            $this->assignment->take($better);
            if ($goesOn !== null && !$goesOn($made())) {
                break;
            }
        }

        return $made();
    }

    /** @return Change|null the best of the first who can be helped; null: nobody can */
    private function better(): ?Change
    {
        $people = $this->assignment->mostOver();
        foreach ([$this->moved(...), $this->swapped(...), $this->chained(...)] as $changes) {
            foreach ($people as $giver) {
                $best = null;
                foreach ($changes($giver) as $to) {
                    if ($this->left-- <= 0) {
                        return $best;
                    }
                    $change = $this->assignment->with($to);
                    if (
                        $this->isBetter($change, $best->cost ?? $this->assignment->cost()) &&
                        $this->isWithin($change)
                    ) {
                        $best = $change;
                    }
                }
                if ($best !== null) {
                    return $best;
                }
            }
        }

        return null;
    }

    private function isBetter(Change $change, Cost $than): bool
    {
        return $change->cost->compare($than, $this->terms->order) < 0;
    }

    /** Whether the lead would have it. */
    private function isWithin(Change $change): bool
    {
        $now = $this->assignment->cost();
        $more = $change->cost->moves - $now->moves;
        if ($this->terms->mostMoves !== null && $more > 0 && $change->cost->moves > $this->terms->mostMoves) {
            return false;
        }
        if ($more > 0 && $now->late - $change->cost->late < $more * $this->terms->leastSaving) {
            return false;
        }
        foreach ($this->terms->barsPeaks ? $change->peaks : [] as $person => $peak) {
            $rises = $peak->compare($this->assignment->peakOf((string) $person)) > 0;
            if ($rises && $peak->compare(new Fraction(1, 1)) >= 0) {
                return false;
            }
        }

        return true;
    }

    /** @return list<int> places of what may go from somebody */
    private function movable(string $person): array
    {
        return array_values(
            array_filter(
                $this->assignment->heldBy($person),
                fn(int $place): bool => count($this->tasks[$place]->eligible) > 1,
            ),
        );
    }

    /** @return list<string> who else may have a task, whoever has most room first */
    private function takers(int $place, string ...$but): array
    {
        $takers = array_values(array_diff($this->tasks[$place]->eligible, $but));
        usort(
            $takers,
            fn(string $a, string $b): int => $this->assignment->peakOf($a)->compare($this->assignment->peakOf($b)) ?:
            $a <=> $b,
        );

        return $takers;
    }

    /** @return iterable<array<int, string>> */
    private function moved(string $giver): iterable
    {
        foreach ($this->movable($giver) as $place) {
            foreach ($this->takers($place, $giver) as $taker) {
                yield [$place => $taker];
            }
        }
    }

    /** @return iterable<array<int, string>> */
    private function swapped(string $giver): iterable
    {
        foreach ($this->movable($giver) as $place) {
            foreach ($this->takers($place, $giver) as $taker) {
                foreach ($this->movable($taker) as $other) {
                    if (in_array($giver, $this->tasks[$other]->eligible, true)) {
                        yield [$place => $taker, $other => $giver];
                    }
                }
            }
        }
    }

    /** @return iterable<array<int, string>> who takes one gives another to a third */
    private function chained(string $giver): iterable
    {
        foreach ($this->movable($giver) as $place) {
            foreach ($this->takers($place, $giver) as $taker) {
                foreach ($this->movable($taker) as $other) {
                    foreach ($this->takers($other, $giver, $taker) as $third) {
                        yield [$place => $taker, $other => $third];
                    }
                }
            }
        }
    }

    /** @return list<Move> in the order of the load plan */
    private function moves(): array
    {
        $moves = [];
        foreach ($this->tasks as $place => $task) {
            $to = $this->assignment->holderOf($place);
            if ($to !== $task->holderId) {
                $moves[] = new Move($task->id, $task->holderId, $to);
            }
        }

        return $moves;
    }
}
