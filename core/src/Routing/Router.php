<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\Situation;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\ReachesOthers;
use OpenBaton\Core\Subject\Subject;
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
    public ChangeFacts $facts;

    private Search $search;

    private LoadBook $book;

    public function __construct(
        public Roster $roster,
        public CompiledRulebook $rulebook,
        private TaskCatalogue $taskCatalogue = new TaskCatalogue(),
    ) {
        $lookups = $rulebook->lookups->and($roster->lookups);
        foreach ($taskCatalogue->tracks as $track) {
            $lookups = $lookups->and(Lookups::of($track->criteria()));
        }
        $this->facts = new ChangeFacts($roster, $lookups);
        $this->search = new Search($roster);
        $this->book = new LoadBook($roster);
    }

    /**
     * @param array<array-key, true> $acted ids of rules that have acted on its subject in this chain: they act once
     * @param CaseAtHand|null        $case  that it is about, or its task belongs to, where rules may act on it
     */
    public function decide(
        ChangeSet $change,
        Work $work,
        Rotations $rotations,
        array $acted = [],
        ?CaseAtHand $case = null,
    ): Decision {
        $load = new LoadView($work, $this->book, $change->at, $change->after);
        $attempts = $acting = $heldBack = [];
        $decidedBy = null;
        $seat = Seat::asItIs($change->after);
        if ($change->own?->give !== null) {
            $attempts[Decision::OWN] = $attempt = $this->search->attempt(
                $change->own->give,
                $change,
                $rotations,
                $load,
            );
            if ($attempt->decides()) {
                $decidedBy = Decision::OWN;
                $seat = Seat::filledBy($attempt, $change->own->give->seat, $change);
            }
        }
        foreach ($this->rulebook->listening($change) as $position => $rule) {
            $give = $rule->givesOn($change);
            // Below the rule that decides only follow-ups are looked for; on a task that is tried again they have
            // acted.
            if (
                ($give === null ? $change->isRetry() : $decidedBy !== null) ||
                !$this->rulebook->criteria($position)->holds($change->facts)
            ) {
                continue;
            }
            if (isset($acted[$rule->id])) {
                $heldBack[] = $position;
                continue;
            }
            if ($give !== null) {
                $attempts[$position] = $attempt = $this->search->attempt($give, $change, $rotations, $load);
                if (!$attempt->decides()) {
                    continue;
                }
                $decidedBy = $position;
                $seat = Seat::filledBy($attempt, $give->seat, $change);
            }
            $acting[] = $position;
        }

        return $this->decision($change, $attempts, $acting, $heldBack, $decidedBy, $seat, $case);
    }

    /** @return array<array-key, Track> of cases, by id */
    public function tracks(): array
    {
        return $this->taskCatalogue->tracks;
    }

    /**
     * With all that follows something else where that puts it: the due date and the texts of a task.
     *
     * @template T of Subject
     *
     * @param T $subject
     *
     * @return T
     */
    public function settled(Subject $subject): Subject
    {
        return $subject->settled($this->roster->house, $this->taskCatalogue->words);
    }

    /** What a decision on this change set may look at. */
    public function needs(ChangeSet $change): Needs
    {
        return (new NeedsOf($this->rulebook, $this->search))->change($change);
    }

    /**
     * The seat is filled, then what the change set brings with it acts, then the follow-ups in the order of the
     * rulebook: all of them see who has the task.
     *
     * @param array<int, Attempt> $attempts
     * @param list<int>           $acting
     * @param list<int>           $heldBack
     */
    private function decision(
        ChangeSet $change,
        array $attempts,
        array $acting,
        array $heldBack,
        ?int $decidedBy,
        Seat $seat,
        ?CaseAtHand $case,
    ): Decision {
        $subject = $decidedBy === null ? $change->after : $seat->on($change->after);
        $effects = [];
        if ($change->own !== null && $change->own->acts !== []) {
            [$subject, $effects[Decision::OWN], $case] = $this->follow(
                $change->own->acts,
                $change,
                $subject,
                $change->own->id,
                $case,
            );
        }
        foreach ($acting as $position) {
            $rule = $this->rulebook->rulebook->rules[$position];
            if ($change->letsFollow($rule->id)) {
                [$subject, $effects[$position], $case] = $this->follow(
                    $rule->followUps,
                    $change,
                    $subject,
                    $rule->id,
                    $case,
                );
            }
        }

        return new Decision(
            $change,
            $this->rulebook,
            $this->roster,
            $attempts,
            array_values(array_diff($acting, [$decidedBy])),
            $decidedBy,
            $effects,
            $decidedBy === null ? null : $attempts[$decidedBy]->choice?->rotation,
            $seat,
            $subject,
            $heldBack,
        );
    }

    /**
     * @param list<FollowUp> $followUps
     * @param string|null    $ruleId    of the rule whose they are; null: a person's doing
     *
     * @template T of Subject
     *
     * @param T $subject
     *
     * @return array{T, list<Effect>, CaseAtHand|null} it and the case after the follow-ups, each of which sees what
     *     those before it did
     */
    public function follow(
        array $followUps,
        ChangeSet $change,
        Subject $subject,
        ?string $ruleId = null,
        ?CaseAtHand $case = null,
    ): array {
        $effects = [];
        foreach ($followUps as $followUp) {
            $effect = $followUp->effect(
                new Situation($change, $subject, $this->roster, $this->taskCatalogue, $ruleId, $case),
            );
            if ($effect !== null) {
                $effects[] = $effect;
                $subject = $this->settled($effect->on($subject));
                $case = $case?->after($effect);
            }
        }

        return [$subject, $effects, $case];
    }

    /** Whether a rule that has acted already would change the task, or the case, once more: then it goes round. */
    public function wouldChange(
        Rule $rule,
        ChangeSet $change,
        Rotations $rotations,
        Work $work,
        ?CaseAtHand $case = null,
    ): bool {
        $subject = $change->after;
        $give = $rule->givesOn($change);
        if ($give !== null) {
            $load = new LoadView($work, $this->book, $change->at, $subject);
            $attempt = $this->search->attempt($give, $change, $rotations, $load);
            $subject = $attempt->decides() ? Seat::filledBy($attempt, $give->seat, $change)->on($subject) : $subject;
        }
        [$subject, $effects, $after] = $this->follow($rule->followUps, $change, $subject, $rule->id, $case);

        return !$subject->equals($change->after) ||
            ($case !== null && $after?->case->equals($case->case) === false) ||
            array_filter(
                $effects,
                static fn(Effect $effect): bool => $effect instanceof ReachesOthers && $effect->accumulates(),
            ) !== [];
    }
}
