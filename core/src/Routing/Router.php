<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\Method\Selection;
use OpenBaton\Core\Rulebook\Method\UsesRotation;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadView;
use OpenBaton\Core\Workload\Work;

/**
 * Decides who gets what.
 *
 * A pure function of the change set, the rulebook, the roster, the work in hand
 * and the rotations: it reads no clock, has no randomness and changes nothing.
 * (What it keeps are load plans, which follow from the rest.)
 */
final readonly class Router
{
    private Narrowing $narrowing;

    private LoadBook $book;

    public function __construct(private Roster $roster, private CompiledRulebook $rulebook)
    {
        $this->narrowing = new Narrowing($roster);
        $this->book = new LoadBook($roster);
    }

    public function decide(ChangeSet $change, Work $work, Rotations $rotations): Decision
    {
        $load = new LoadView($work, $this->book, $change->at, $change->after, $change->isArrival());
        $gives = $change->after->status->isOpen();
        $attempts = $followedUp = $effects = [];
        foreach ($this->rulebook->holding($change) as $position => $rule) {
            // On what is done or dropped only the follow-ups act.
            if ($rule->give === null || ! $gives) {
                $followedUp[] = $position;
                array_push($effects, ...$this->effects($rule, $change, null));

                continue;
            }
            $attempt = $this->attempt($rule->give, $change, $rotations, $load);
            $attempts[$position] = $attempt;
            if ($attempt->decides()) {
                $seat = Seat::filledBy($attempt, $change->after);

                return $this->decision($change, $attempts, $followedUp, $position, $seat, [...$effects, ...$this->effects($rule, $change, $seat->personId)]);
            }
        }

        return $this->decision($change, $attempts, $followedUp, null, $gives ? Seat::left($change) : Seat::asItIs($change->after), $effects);
    }

    /** What a decision on this change set may look at. */
    public function needs(ChangeSet $change): Needs
    {
        $people = $lastAssigned = $rotations = [];
        foreach ($this->rulebook->holding($change) as $rule) {
            if ($rule->give?->method instanceof UsesRotation) {
                $rotations[$rule->give->method->rotationName()] = true;
            }
            if ($rule->give?->looksAt(Input::Work) === true) {
                foreach ($this->mayGoTo($rule->give, $change) as $id) {
                    $people[$id] = true;
                    if ($rule->give->looksAt(Input::LastAssigned)) {
                        $lastAssigned[$id] = true;
                    }
                }
            }
        }
        $names = static fn(array $by): array => array_map(strval(...), array_keys($by));

        return new Needs($names($people), $names($lastAssigned), $names($rotations));
    }

    /** @return iterable<string> everybody of the pool, or whoever covers for the one whom it names */
    private function mayGoTo(Give $give, ChangeSet $change): iterable
    {
        foreach ($give->pool->members($this->roster, $change->facts) as $member) {
            $id = $give->pool->namesOne() ? $this->narrowing->cover($member->personId, $change->at)->personId : $member->personId;
            if ($id !== null) {
                yield $id;
            }
        }
    }

    /**
     * @param array<int, Attempt> $attempts
     * @param list<int>           $followedUp
     * @param list<Effect>        $effects
     */
    private function decision(ChangeSet $change, array $attempts, array $followedUp, ?int $position, Seat $seat, array $effects): Decision
    {
        return new Decision(
            $change,
            $this->rulebook,
            $this->roster,
            $attempts,
            $followedUp,
            $position,
            $seat->outcome,
            $seat->personId,
            $seat->openTo,
            $effects,
            $position === null ? null : $attempts[$position]->choice?->rotation,
        );
    }

    private function attempt(Give $give, ChangeSet $change, Rotations $rotations, LoadView $load): Attempt
    {
        $pool = $give->pool->members($this->roster, $change->facts);
        $cover = $give->pool->namesOne() && $pool !== [] ? $this->narrowing->cover($pool[0]->personId, $change->at) : null;
        $step = new Step('pool', $pool);
        $steps = [$step];
        $steps[] = $step = $cover === null ? $this->narrowing->present($step, $change->at) : $this->narrowing->covered($cover);
        foreach ($give->limits as $limit) {
            $steps[] = $step = $this->narrowing->within($step, $limit, $load);
        }
        if ($step->kept === []) {
            return new Attempt($steps, null, $give->otherwise->settle($this->roster, $change->at), $cover);
        }
        if (! $change->isArrival() && $change->after->holderId !== null && $step->keeps($change->after->holderId)) {
            return new Attempt($steps, null, null, $cover, true);
        }

        // A substitute takes the place of the one named, in a rotation too.
        return new Attempt($steps, $give->method->choose(new Selection($step->kept, $cover === null ? $pool : $step->kept, $rotations, $load)), null, $cover);
    }

    /** @return list<Effect> */
    private function effects(Rule $rule, ChangeSet $change, ?string $assigneeId): array
    {
        $effects = [];
        foreach ($rule->followUps as $followUp) {
            $effects[] = $followUp->effect($change, $this->roster, $assigneeId);
        }

        return $effects;
    }
}
