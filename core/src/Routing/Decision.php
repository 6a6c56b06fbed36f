<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\Work;

/** The outcome of routing one change set, with all that explains it. */
final readonly class Decision
{
    /**
     * @param array<int, Attempt> $attempts   by position of the rule; of those that held and give
     * @param list<int>           $followedUp positions of rules of which only the follow-ups acted
     * @param int|null            $decidedBy  position of the rule that decided
     * @param string|null         $assigneeId who holds the task after it
     * @param list<string>        $openTo     who may claim it after it
     * @param list<Effect>        $effects    in order
     * @param Rotation|null       $rotation   after the turn that was taken
     */
    public function __construct(
        public ChangeSet $change,
        public CompiledRulebook $rulebook,
        public Roster $roster,
        public array $attempts,
        public array $followedUp,
        public ?int $decidedBy,
        public Outcome $outcome,
        public ?string $assigneeId,
        public array $openTo,
        public array $effects,
        public ?Rotation $rotation,
    ) {}

    public function decidingRule(): ?Rule
    {
        return $this->decidedBy === null ? null : $this->rulebook->rulebook->rules[$this->decidedBy];
    }

    /** Who stands in for whom, where a substitute got it. */
    public function standIn(): ?Cover
    {
        $cover = $this->decidedBy === null ? null : $this->attempts[$this->decidedBy]->cover();

        return $cover?->isSubstitute() === true ? $cover : null;
    }

    /** The task as the decision leaves it. */
    public function subjectAfter(): Subject
    {
        $subject = $this->change->after->heldBy($this->assigneeId, $this->openTo);
        foreach ($this->effects as $effect) {
            $subject = $effect->on($subject);
        }

        return $subject;
    }

    /** The work of everybody once the task is where it goes. */
    public function workAfter(Work $work): Work
    {
        return $work->after(
            $this->change->isArrival() ? null : $this->change->after->asWork(),
            $this->subjectAfter()->asWork(),
            $this->outcome === Outcome::Assigned ? $this->change->at : null,
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
        ))->all();
    }
}
