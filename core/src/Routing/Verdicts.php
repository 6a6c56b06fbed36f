<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\Trigger;

/**
 * The verdict on every rule of a rulebook, worked out from what a decision
 * keeps: whether it has just been made or was recorded months ago, since
 * published rules and recorded facts never change.
 */
final readonly class Verdicts
{
    /**
     * @param int          $at         instant
     * @param list<string> $occasions  codes of the kinds of event that there was occasion for
     * @param list<int>    $attempted  positions of rules that held and give
     * @param list<int>    $followedUp positions of rules of which only the follow-ups acted
     * @param list<int>    $heldBack   positions of rules that had acted in this chain already
     * @param string|null  $onlyFor    the only rule that it happened for
     * @param ChangeSet|null $change as far as it takes to tell which rules listen to it; null: only the kinds are known
     */
    public function __construct(
        private CompiledRulebook $rulebook,
        private Facts $facts,
        private int $at,
        private array $occasions,
        private ?int $decidedBy,
        private array $attempted,
        private array $followedUp,
        private array $heldBack = [],
        private ?string $onlyFor = null,
        private ?ChangeSet $change = null,
    ) {}

    /** @return list<RuleVerdict> in the order of the rules */
    public function all(): array
    {
        $verdicts = [];
        foreach ($this->rulebook->rulebook->rules as $position => $rule) {
            $verdicts[] = $this->of($position, $rule);
        }

        return $verdicts;
    }

    private function of(int $position, Rule $rule): RuleVerdict
    {
        $known = $this->known($position, $rule);
        if ($known !== null) {
            return new RuleVerdict($rule, $known);
        }
        $failed = $this->rulebook->criteria($position)->firstFailure($this->facts);

        return new RuleVerdict(
            $rule,
            match (true) {
                $failed !== null => Verdict::CriterionFailed,
                $this->decidedBy !== null && $position > $this->decidedBy => Verdict::NotReached,
                // With criteria that hold, it waits for the kind of event, but not for this very one.
                default => Verdict::NotThisEvent,
            },
            $failed,
        );
    }

    /** Null: its criteria have to be asked. */
    private function known(int $position, Rule $rule): ?Verdict
    {
        return match (true) {
            $position === $this->decidedBy => Verdict::Decided,
            in_array($position, $this->attempted, true) => Verdict::NobodyEligible,
            in_array($position, $this->followedUp, true) => Verdict::FollowedUp,
            in_array($position, $this->heldBack, true) => Verdict::ActedAlready,
            !$rule->active => Verdict::Paused,
            $rule->about() !== ($this->change?->after::kind() ?? SubjectKind::Task),
            $this->onlyFor !== null && $this->onlyFor !== $rule->id
                => Verdict::NotThisEvent,
            !in_array(Trigger::APPLIED, $this->occasions, true) &&
                array_intersect(
                    array_map(static fn(EventKind $event): string => $event::kind(), $rule->events),
                    $this->occasions,
                ) === []
                => Verdict::NotThisEvent,
            $this->change?->isFor($rule->id) === true && !$rule->listensTo($this->change) => Verdict::NotThisEvent,
            !$rule->isValidAt($this->at) => Verdict::NotInForce,
            default => null,
        };
    }
}
