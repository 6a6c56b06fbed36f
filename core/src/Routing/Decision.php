<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\Work;

/** The outcome of routing one event, with all that explains it. */
final readonly class Decision
{
    /**
     * @param array<int, Attempt> $attempts     by position of the rule; of those that held and give
     * @param list<int>           $followedUp   positions of rules that only carried follow-ups
     * @param int|null            $decidedBy    position of the rule that decided
     * @param string|null         $assigneeId   of an assigned task
     * @param list<string>        $openTo       who may claim an open task
     * @param list<Effect>        $effects      in order
     */
    public function __construct(
        public Event $event,
        public CompiledRulebook $rulebook,
        public Roster $roster,
        public array $attempts,
        public array $followedUp,
        public ?int $decidedBy,
        public Outcome $outcome,
        public ?string $assigneeId,
        public array $openTo,
        public array $effects,
        public ?Ring $ring,
    ) {}

    public function decidingRule(): ?Rule
    {
        return $this->decidedBy === null ? null : $this->rulebook->rulebook->rules[$this->decidedBy];
    }

    /** When the task is due once the effects are carried out. */
    public function dueAt(): ?int
    {
        $dueAt = $this->event->dueAt;
        foreach ($this->effects as $effect) {
            if ($effect instanceof DueSet) {
                $dueAt = $effect->dueAt;
            }
        }

        return $dueAt;
    }

    public function priority(): Priority
    {
        $priority = $this->event->priority;
        foreach ($this->effects as $effect) {
            if ($effect instanceof PrioritySet) {
                $priority = $effect->priority;
            }
        }

        return $priority;
    }

    /** The work of everybody once the task is where it goes. */
    public function workAfter(Work $work): Work
    {
        return $this->assigneeId === null ? $work : $work->taken(
            $this->assigneeId,
            $this->event->asWorkOf($this->assigneeId, $this->dueAt(), $this->priority()),
            $this->event->at,
        );
    }

    public function ringsAfter(Rings $rings): Rings
    {
        return $this->ring === null ? $rings : $rings->with($this->ring);
    }

    /**
     * The verdict on every rule, in order. Those on rules that the index
     * passed over are worked out here, when somebody asks.
     *
     * @return list<RuleVerdict>
     */
    public function verdicts(): array
    {
        $verdicts = [];
        foreach ($this->rulebook->rulebook->rules as $position => $rule) {
            $verdicts[] = $this->verdict($position, $rule);
        }

        return $verdicts;
    }

    private function verdict(int $position, Rule $rule): RuleVerdict
    {
        if ($this->decidedBy !== null && $position > $this->decidedBy) {
            return new RuleVerdict($rule, Verdict::NotReached);
        }
        $attempt = $this->attempts[$position] ?? null;
        if ($attempt !== null) {
            return new RuleVerdict($rule, $position === $this->decidedBy ? Verdict::Decided : Verdict::NobodyEligible, null, $attempt);
        }
        if (in_array($position, $this->followedUp, true)) {
            return new RuleVerdict($rule, Verdict::FollowedUp);
        }

        return match (true) {
            ! $rule->active => new RuleVerdict($rule, Verdict::Paused),
            ! in_array($this->event->kind, $rule->events, true) => new RuleVerdict($rule, Verdict::NotThisEvent),
            ! $rule->isValidAt($this->event->at) => new RuleVerdict($rule, Verdict::NotInForce),
            default => new RuleVerdict($rule, Verdict::CriterionFailed, $this->rulebook->criteria($position)->firstFailure($this->event->facts)),
        };
    }
}
