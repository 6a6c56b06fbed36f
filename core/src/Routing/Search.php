<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Method\Selection;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\LoadView;

/** Looks for whom a rule that holds gives to: its pool is narrowed, and its method chooses of those who are left. */
final readonly class Search
{
    private Narrowing $narrowing;

    public function __construct(private Roster $roster)
    {
        $this->narrowing = new Narrowing($roster);
    }

    /** @return iterable<string> those of the pool, and where that is asked whoever answers for those who are away */
    public function mayGoTo(Give $give, ChangeSet $change): iterable
    {
        foreach ($give->pool->members($this->roster, $change->facts) as $member) {
            $id = $member->personId;
            $answers =
                $give->pool->namesOne() || $give->substitutes
                    ? $this->narrowing->cover($id, $change, $give->seat)->personId
                    : $id;
            if (!$give->pool->namesOne()) {
                yield $id;
            }
            if ($answers !== null) {
                yield $answers;
            }
        }
    }

    public function attempt(Give $give, ChangeSet $change, Rotations $rotations, LoadView $load): Attempt
    {
        $pool = $give->pool->members($this->roster, $change->facts);
        $named =
            $give->pool->namesOne() && $pool !== []
                ? $this->narrowing->cover($pool[0]->personId, $change, $give->seat)
                : null;
        [$steps, $covers] = $this->there($give, $pool, $named, $change);
        $there = array_pop($steps);
        $steps = [...$steps, ...$this->narrowing->within($there, $give->limits, $load)];
        $others = end($steps)->kept === [] ? $give->otherLimits() : null;
        if ($others !== null) {
            $again = new Step(Step::AGAIN, $there->kept);
            $steps = [...$steps, ...$this->narrowing->within($again, $others, $load)];
        }
        $step = end($steps);
        if ($step->kept === []) {
            $beside = $change->after->beside($give->seat);
            $fallback = $give->otherwise->settle($this->roster, $change->facts, $change->at, $beside);

            return new Attempt($steps, null, $fallback, $named);
        }
        if (!$change->isArrival() && !$give->anew && $step->keepsAll($change->after->inSeat($give->seat))) {
            return new Attempt($steps, null, null, $named, true);
        }

        // A substitute takes the place of the one named, in a rotation too.
        $choice = $give->method->choose(
            new Selection($step->kept, $named === null ? $pool : $step->kept, $rotations, $load, $this->roster),
        );

        // What several get together is theirs, not held for somebody else: nothing goes back.
        $for = $choice->sharing === null ? $covers[$choice->personId ?? ''] ?? null : null;

        return new Attempt($steps, $choice, null, $for ?? $named);
    }

    /**
     * @param list<Membership> $pool
     * @param Cover|null       $named of the one person whom the pool names
     *
     * @return array{non-empty-list<Step>, array<string, Cover>} the steps to those who are there, or answer for them;
     *     and who stands in for whom in a pool, by the substitute
     */
    private function there(Give $give, array $pool, ?Cover $named, ChangeSet $change): array
    {
        $of = new Step('pool', $pool);
        if ($named !== null) {
            return [[$of, $this->narrowing->covered($named)], []];
        }
        $present = $this->narrowing->present($of, $change->at);
        if (!$give->substitutes) {
            return [[$of, $present], []];
        }
        [$there, $covers] = $this->narrowing->withSubstitutes($of, $present, $change, $give->seat);

        return [[$of, $present, $there], $covers];
    }
}
