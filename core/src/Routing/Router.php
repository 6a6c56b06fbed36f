<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Barrier;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Method\Selection;
use OpenBaton\Core\Rulebook\Method\UsesRotation;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadView;
use OpenBaton\Core\Workload\Work;

/**
 * Decides who gets what.
 *
 * A pure function of the event, the rulebook, the roster, the work in hand and
 * the rotations: it reads no clock, draws no lots and changes nothing. (What
 * it keeps are load plans, which follow from the rest.)
 */
final readonly class Router
{
    private Availability $availability;

    private LoadBook $book;

    public function __construct(private Roster $roster, private CompiledRulebook $rulebook)
    {
        $this->availability = new Availability($roster);
        $this->book = new LoadBook($roster);
    }

    public function decide(Event $event, Work $work, Rings $rings): Decision
    {
        $load = new LoadView($work, $this->book, $event->at, $event->effort->left(), $event->dueAt);
        $attempts = [];
        $followedUp = [];
        $effects = [];
        foreach ($this->rulebook->holding($event) as $position => $rule) {
            if ($rule->give === null) {
                $followedUp[] = $position;
                $effects = [...$effects, ...$this->effects($rule, $event, null)];

                continue;
            }
            $attempt = $this->attempt($rule->give, $event, $rings, $load);
            $attempts[$position] = $attempt;
            if ($attempt->decides()) {
                return $this->decision($event, $attempts, $followedUp, $position, $rule, $attempt, $effects);
            }
        }

        return new Decision($event, $this->rulebook, $this->roster, $attempts, $followedUp, null, Outcome::Unplaced, null, [], $effects, null);
    }

    /** What a decision on this event may look at. */
    public function needs(Event $event): Needs
    {
        $people = [];
        $lastAssigned = [];
        $rotations = [];
        foreach ($this->rulebook->holding($event) as $rule) {
            if ($rule->give?->method instanceof UsesRotation) {
                $rotations[$rule->give->method->rotation()] = true;
            }
            if ($rule->give?->looksAtWork() === true) {
                foreach ($this->mayGoTo($rule->give, $event) as $id) {
                    $people[$id] = true;
                    if ($rule->give->method->looksAtLastAssigned()) {
                        $lastAssigned[$id] = true;
                    }
                }
            }
        }

        $names = static fn(array $by): array => array_map(strval(...), array_keys($by));

        return new Needs($names($people), $names($lastAssigned), $names($rotations));
    }

    /** @return iterable<string> everybody of the pool, or whoever covers for the one whom it names */
    private function mayGoTo(Give $give, Event $event): iterable
    {
        foreach ($give->pool->seats($this->roster, $event->facts) as $seat) {
            $id = $give->pool->namesOne()
                ? (new SubstituteFinder($this->roster))->find($seat->personId, $event->at)->personId
                : $seat->personId;
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
    private function decision(
        Event $event,
        array $attempts,
        array $followedUp,
        int $position,
        Rule $rule,
        Attempt $attempt,
        array $effects,
    ): Decision {
        $assigneeId = $attempt->choice->personId ?? $attempt->settlement?->personId;
        $openTo = match (true) {
            $assigneeId !== null => [],
            $attempt->choice !== null => array_map(strval(...), array_keys($attempt->choice->figures)),
            default => $attempt->settlement->openTo ?? [],
        };

        return new Decision(
            $event,
            $this->rulebook,
            $this->roster,
            $attempts,
            $followedUp,
            $position,
            match (true) {
                $assigneeId !== null => Outcome::Assigned,
                $openTo !== [] => Outcome::Open,
                default => Outcome::Unplaced,
            },
            $assigneeId,
            $openTo,
            [...$effects, ...$this->effects($rule, $event, $assigneeId)],
            $attempt->choice?->ring,
        );
    }

    private function attempt(Give $give, Event $event, Rings $rings, LoadView $load): Attempt
    {
        $pool = $give->pool->seats($this->roster, $event->facts);
        $steps = [new Step('pool', $pool)];
        $cover = null;
        if ($give->pool->namesOne() && $pool !== []) {
            $cover = (new SubstituteFinder($this->roster))->find($pool[0]->personId, $event->at);
            $steps[] = $this->covered($cover);
        } else {
            $steps[] = $this->present($pool, $event->at);
        }
        foreach ($give->limits as $limit) {
            $steps[] = $this->within($limit, $steps[count($steps) - 1]->kept, $load);
        }
        $eligible = $steps[count($steps) - 1]->kept;
        if ($eligible === []) {
            return new Attempt($steps, null, $give->otherwise->settle($this->roster, $event->at), $cover);
        }

        // A substitute takes the place of the one named, in a ring too.
        return new Attempt($steps, $give->method->choose(new Selection($eligible, $cover === null ? $pool : $eligible, $rings, $load)), null, $cover);
    }

    private function covered(Cover $cover): Step
    {
        $fallen = [];
        foreach ($cover->steps as $step) {
            if ($step->barriers !== []) {
                $fallen[] = new FallOut(
                    $step->personId,
                    array_map(static fn(Barrier $barrier): string => $barrier->value, $step->barriers),
                    $step->awayUntil === null ? [] : ['away_until' => $step->awayUntil],
                );
            }
        }

        return new Step('cover', $cover->personId === null ? [] : [new Membership($cover->personId)], $fallen);
    }

    /** @param list<Membership> $seats */
    private function present(array $seats, int $at): Step
    {
        $kept = [];
        $fallen = [];
        foreach ($seats as $seat) {
            $barriers = $this->availability->barriers($this->roster->people[$seat->personId], $at);
            if ($barriers === []) {
                $kept[] = $seat;

                continue;
            }
            $absence = $this->roster->absenceOf($seat->personId, $at);
            $fallen[] = new FallOut(
                $seat->personId,
                array_map(static fn(Barrier $barrier): string => $barrier->value, $barriers),
                $absence === null ? [] : ['away_until' => $absence->span->to],
            );
        }

        return new Step('present', $kept, $fallen);
    }

    /** @param list<Membership> $seats */
    private function within(Limit $limit, array $seats, LoadView $load): Step
    {
        $kept = [];
        $fallen = [];
        foreach ($seats as $seat) {
            $figures = $limit->refusal($this->roster->people[$seat->personId], $load);
            if ($figures === null) {
                $kept[] = $seat;
            } else {
                $fallen[] = new FallOut($seat->personId, [$limit::kind()], $figures);
            }
        }

        return new Step($limit::kind(), $kept, $fallen);
    }

    /** @return list<Effect> */
    private function effects(Rule $rule, Event $event, ?string $assigneeId): array
    {
        $effects = [];
        foreach ($rule->followUps as $followUp) {
            $effects[] = $followUp->effect($event, $this->roster, $assigneeId);
        }

        return $effects;
    }
}
