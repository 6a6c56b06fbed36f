<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Passing;
use OpenBaton\Core\Subject\Sharing;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\Work;

/** The outcome of routing one change set, with all that explains it. */
final readonly class Decision
{
    /** The position of what made the task, where that says to whom it goes: before all rules. */
    public const OWN = -1;

    /** @var list<Effect> in order */
    public array $effects;
    public Outcome $outcome;
    /** That was decided upon. */
    public SeatName $seat;
    /** Who is in the seat after it. */
    public ?string $assigneeId;
    /** With whom they have it together. */
    public ?Sharing $sharing;
    /** @var list<string> who may claim it after it */
    public array $openTo;

    /**
     * @param array<int, Attempt> $attempts   by position of the rule; of those that held and give
     * @param list<int>           $followedUp positions of rules of which only the follow-ups acted
     * @param int|null            $decidedBy  position of the rule that decided
     * @param list<int> $heldBack positions of rules that held, but had acted on this task in this chain already
     * @param array<int, list<Effect>> $effectsOf by position of the rule, in the order of the rulebook
     * @param Rotation|null       $rotation   after the turn that was taken
     * @param Seat                $filled     who is in the seat that was decided upon, or may take it
     * @param Subject              $after      its subject as the decision leaves it
     */
    public function __construct(
        public ChangeSet $change,
        public CompiledRulebook $rulebook,
        public Roster $roster,
        public array $attempts,
        public array $followedUp,
        public ?int $decidedBy,
        public array $effectsOf,
        public ?Rotation $rotation,
        private Seat $filled,
        private Subject $after,
        public array $heldBack = [],
    ) {
        $this->effects = array_merge(...array_values($effectsOf));
        $this->outcome = $filled->outcome;
        $this->seat = $filled->name;
        $this->assigneeId = $filled->personId;
        $this->sharing = $filled->sharing;
        $this->openTo = $filled->openTo;
    }

    /**
     * The same with its effects as they are carried out.
     *
     * @param callable(Effect): (Effect|null) $as null: it is not carried out
     */
    public function carriedOutAs(callable $as): self
    {
        $effectsOf = array_map(
            static fn(array $effects): array => array_values(array_filter(array_map($as, $effects))),
            $this->effectsOf,
        );

        return new self(
            $this->change,
            $this->rulebook,
            $this->roster,
            $this->attempts,
            $this->followedUp,
            $this->decidedBy,
            $effectsOf,
            $this->rotation,
            $this->filled,
            $this->after,
            $this->heldBack,
        );
    }

    /** @return Rule|null null: none did, or what made the task */
    public function decidingRule(): ?Rule
    {
        return $this->decidedBy === null ? null : $this->rulebook->rulebook->rules[$this->decidedBy] ?? null;
    }

    /** What the rule is called, or else what made the task, that decided. */
    public function decidedByName(): ?string
    {
        return $this->decidedBy === self::OWN ? $this->change->own?->name : $this->decidingRule()?->name;
    }

    /** Who stands in for whom, where a substitute got it. */
    public function standIn(): ?Cover
    {
        $cover = $this->decidedBy === null ? null : $this->attempts[$this->decidedBy]->cover();

        return $cover?->isSubstitute() === true ? $cover : null;
    }

    /**
     * The decision on a subject that has changed since it was made: whoever got it,
     * and the effects.
     */
    public function appliedTo(Subject $subject): Subject
    {
        return $subject->equals($this->change->after) ? $this->after : $this->appliedWithout(null, $subject);
    }

    /** @param int|null $position of a rule that is left out; null: none */
    public function appliedWithout(?int $position, Subject $subject): Subject
    {
        if ($this->decidedBy !== null && $this->decidedBy !== $position && $this->outcome !== Outcome::Kept) {
            $subject = $this->filled->on($subject);
        }
        foreach ($this->effectsOf as $of => $effects) {
            foreach ($of === $position ? [] : $effects as $effect) {
                $subject = $effect->on($subject);
            }
        }

        return $subject;
    }

    /** The case of its task, with the effects. */
    public function appliedToCase(CaseSubject $case): CaseSubject
    {
        foreach ($this->effects as $effect) {
            $case = $effect->on($case);
        }

        return $case;
    }

    /** Its subject as the decision leaves it. */
    public function subjectAfter(): Subject
    {
        return $this->after;
    }

    /** Whether somebody else is in its seat after it. */
    public function changesSeat(): bool
    {
        return $this->outcome !== Outcome::Kept &&
            $this->change->after->inSeat($this->seat) !== $this->after->inSeat($this->seat);
    }

    /** Whether a change is what the decision does to who is in a seat of its own task, and no more. */
    public function tellsOf(ChangeSet $change, SeatName $seat): bool
    {
        return $change->after->id === $this->change->after->id &&
            ($change->before?->inSeat($seat) ?? []) === $this->change->after->inSeat($seat) &&
            $change->after->inSeat($seat) === $this->after->inSeat($seat);
    }

    /** @return list<int> positions of the rules that acted, in the order of the rulebook */
    public function acted(): array
    {
        $positions = $this->followedUp;
        if ($this->decidedBy !== null && $this->decidedBy !== self::OWN) {
            $positions[] = $this->decidedBy;
        }
        sort($positions);

        return $positions;
    }

    /** The work of everybody once the task is where it goes. */
    public function workAfter(Work $work): Work
    {
        $item = $this->after->asWork();
        if ($item === null) {
            return $work;
        }
        $new = Passing::came($this->change->after->holderIds(), $this->after->holderIds());

        return $work
            ->after($this->change->isArrival() ? null : $this->change->after->asWork(), $item)
            ->assigned(array_fill_keys($new, $this->change->at));
    }

    /** The turn that was taken in a rotation. */
    public function turn(): ?Turn
    {
        $attempt = $this->decidedBy === null ? null : $this->attempts[$this->decidedBy];
        $choice = $attempt?->choice;
        if ($attempt === null || $choice?->personId === null || $choice->rotation === null) {
            return null;
        }
        $cover = $attempt->cover();

        return new Turn(
            $choice->rotation->name,
            $choice->personId,
            $cover?->isSubstitute() === true ? $cover->namedId : null,
            $attempt->whyNot($choice->passedOver),
            $attempt->member($choice->personId),
        );
    }

    public function rotationsAfter(Rotations $rotations): Rotations
    {
        return $this->rotation === null ? $rotations : $rotations->with($this->rotation);
    }

    /** @return list<RuleVerdict> on every rule, in order */
    public function verdicts(): array
    {
        return (new Verdicts(
            $this->rulebook,
            $this->change->facts,
            $this->change->at,
            $this->rulebook->occasions($this->change),
            $this->decidedBy,
            array_keys($this->attempts),
            $this->followedUp,
            $this->heldBack,
            $this->change->trigger()?->ruleId,
            $this->change,
        ))->all();
    }
}
