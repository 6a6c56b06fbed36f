<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

use Closure;

/**
 * Looks for an assignment that is better than today's, step by step: by moves, then by swaps, then by chains of three,
 * from whoever is most over; what is taken is better in the lead's order, and never against a limit. The same input
 * gives the same plan.
 */
final class Leveller
{
    /** Assignments after which it is asked whether to go on. */
    private const ASKS = 512;

    private readonly Assignment $assignment;

    private readonly Neighbourhood $neighbourhood;

    private readonly Groups $groups;

    private int $left = 0;

    private bool $isStopped = false;

    /** @var Closure(): bool */
    private Closure $goesOn;

    /** @var array<string, array<array-key, mixed>> who was looked at, by what was looked at in vain */
    private array $inVain = [];

    /**
     * @param list<Movable>           $tasks in the order of the load plan, the earliest due first
     * @param array<array-key, Reach> $reach by person
     */
    public function __construct(
        private readonly array $tasks,
        private readonly array $reach,
        private readonly Terms $terms,
    ) {
        $this->assignment = new Assignment($tasks, $reach);
        $this->neighbourhood = new Neighbourhood($tasks, $this->assignment);
        $this->groups = new Groups();
    }

    /**
     * @param int $budget of assignments that are looked at
     * @param (Closure(Levelled): bool)|null $goesOn asked now and then, with what is best so far
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
        $this->goesOn = static fn(): bool => $goesOn === null || $goesOn($made());
        while ($this->mayLook() && ($better = $this->better()) !== null) {
            $this->take($better);
            $this->isStopped = $this->isStopped || !($this->goesOn)();
        }

        return $made();
    }

    private function mayLook(): bool
    {
        return $this->left > 0 && !$this->isStopped;
    }

    /** @param array<int, string> $to person by place of the task */
    private function take(array $to): void
    {
        $before = $this->assignment->cost();
        $this->groups->join(array_keys($to));
        $touched = array_flip($this->assignment->take($to));
        $now = $this->assignment->cost();
        if ($now->moves < $before->moves || $now->peak->compare($before->peak) !== 0) {
            $this->inVain = [];
        }
        $this->inVain = array_filter(
            $this->inVain,
            static fn(array $people): bool => array_intersect_key($people, $touched) === [],
        );
    }

    /** @return array<int, string>|null person by place of the task; null: nothing is better */
    private function better(): ?array
    {
        $of = $this->neighbourhood;
        foreach (
            ['moves' => $of->moves(...), 'swaps' => $of->swaps(...), 'chains' => $of->chains(...)]
            as $kind => $changes
        ) {
            [$best, $cost] = [null, $this->assignment->cost()];
            foreach ($this->givers() as $giver) {
                if (isset($this->inVain["{$kind} {$giver}"])) {
                    continue;
                }
                [$change, $with, $people] = $this->best($changes($giver), $cost);
                if ($change !== null) {
                    [$best, $cost] = [$change, $with];
                } elseif ($best === null) {
                    $this->inVain["{$kind} {$giver}"] = $people + [$giver => true];
                }
                // Where moves are few, the best of all is looked for.
                if ($best !== null && $this->terms->mostMoves === null) {
                    return $best;
                }
            }
            if ($best !== null) {
                return $best;
            }
        }
        foreach ([$of->homewards(), $of->gathered()] as $changes) {
            [$change] = $this->best($changes, $this->assignment->cost());
            if ($change !== null) {
                return $change;
            }
        }

        return null;
    }

    /** @return list<string> whoever may be helped, each once */
    private function givers(): array
    {
        $givers = [];
        foreach ($this->terms->order as $measure) {
            $givers[] = match ($measure) {
                Measure::Late => $this->assignment->late(),
                Measure::Peak => $this->assignment->fullness()->fullest(),
                Measure::Moves, Measure::Breaks => [],
            };
        }

        return array_values(array_unique(array_merge(...$givers)));
    }

    /**
     * @param iterable<array<int, string>> $changes
     * @param Cost                         $than    than which it is to be better
     *
     * @return array{array<int, string>|null, Cost, array<array-key, mixed>} the best, its cost, and who was looked at
     */
    private function best(iterable $changes, Cost $than): array
    {
        $best = null;
        $people = [];
        foreach ($changes as $to) {
            if (!$this->mayLook()) {
                break;
            }
            if (--$this->left % self::ASKS === 0) {
                $this->isStopped = !($this->goesOn)();
            }
            $strains = $this->assignment->strains($to);
            $people += $strains;
            $cost = $this->assignment->costWith($to, $strains);
            if ($cost->compare($than, $this->terms->order) < 0 && $this->isWithin($cost, $strains)) {
                [$best, $than] = [$to, $cost];
            }
        }

        return [$best, $than, $people];
    }

    /**
     * Whether the lead would have it.
     *
     * @param array<array-key, Strain> $strains of those whom it touches
     */
    private function isWithin(Cost $cost, array $strains): bool
    {
        $now = $this->assignment->cost();
        $more = $cost->moves - $now->moves;
        if ($this->terms->mostMoves !== null && $more > 0 && $cost->moves > $this->terms->mostMoves) {
            return false;
        }
        if ($more > 0 && $now->late - $cost->late < $more * $this->terms->leastSaving) {
            return false;
        }
        foreach ($this->terms->barsPeaks ? $strains : [] as $person => $strain) {
            $rises = $strain->peak->compare($this->assignment->strainOf((string) $person)->peak) > 0;
            if ($rises && $strain->peak->compare(new Fraction(1, 1)) >= 0) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Move> in the order of the load plan */
    private function moves(): array
    {
        $moved = array_keys(
            array_filter(
                $this->tasks,
                fn(Movable $task, int $place): bool => $this->assignment->holderOf($place) !== $task->holderId,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        $groups = $this->groups->numbers($moved);

        return array_map(
            fn(int $place): Move => new Move(
                $this->tasks[$place]->id,
                $this->tasks[$place]->holderId,
                $this->assignment->holderOf($place),
                $groups[$place],
            ),
            $moved,
        );
    }
}
