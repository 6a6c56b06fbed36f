<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Trigger;

/** A rulebook made ready for one version: rules indexed, their criteria compiled when they are first asked. */
final class CompiledRulebook
{
    /** @var array<int, CompiledCriteria> by position of the rule */
    private array $criteria = [];

    /**
     * @param array<string, array<class-string<EventKind>, RuleIndex>> $indexes by what the rules are about, and kind of
     *     event
     * @param array<string, list<Rule>> $active by what they are about
     */
    private function __construct(
        public readonly string $version,
        public readonly Rulebook $rulebook,
        private readonly array $indexes,
        private readonly array $active,
        public readonly Lookups $lookups,
    ) {}

    /** @param Rulebook $rulebook read and found right */
    public static function compile(Rulebook $rulebook, string $version): self
    {
        $byEvent = $active = [];
        foreach ($rulebook->rules as $position => $rule) {
            if ($rule->active) {
                $active[$rule->about()->value][] = $rule;
                foreach ($rule->events as $event) {
                    $byEvent[$rule->about()->value][$event::class][$position] = $rule;
                }
            }
        }

        return new self(
            $version,
            $rulebook,
            array_map(
                static fn(array $kinds): array => array_map(
                    static fn(array $rules): RuleIndex => RuleIndex::of($rules, $rulebook->fields),
                    $kinds,
                ),
                $byEvent,
            ),
            $active,
            Lookups::ofRulebook($rulebook),
        );
    }

    /** @param int $position of the rule */
    public function criteria(int $position): CompiledCriteria
    {
        return $this->criteria[$position] ??= CompiledCriteria::compile(
            $this->rulebook->rules[$position]->criteria,
            $this->rulebook->fields,
        );
    }

    /**
     * The active and valid rules that listen to what the change set raises and
     * whose criteria hold, in order, one at a time.
     *
     * @return iterable<int, Rule> by position
     */
    public function holding(ChangeSet $change): iterable
    {
        foreach ($this->listening($change) as $position => $rule) {
            if ($this->criteria($position)->holds($change->facts)) {
                yield $position => $rule;
            }
        }
    }

    /**
     * The active and valid rules that listen to what the change set raises and
     * whose criteria may hold, in order, one at a time.
     *
     * @return iterable<int, Rule> by position
     */
    public function listening(ChangeSet $change): iterable
    {
        foreach ($this->candidates($change) as $position) {
            $rule = $this->rulebook->rules[$position];
            if ($rule->isValidAt($change->at) && $rule->listensTo($change)) {
                yield $position => $rule;
            }
        }
    }

    /** Whether any active and valid rule listens to what the change set raises. */
    public function isHeard(ChangeSet $change): bool
    {
        if ($change->isTriggeredAs(Trigger::APPLIED)) {
            return true;
        }
        foreach ($this->indexesOf($change) as $kind => $index) {
            if ($kind::occasion($change)) {
                foreach ($this->active[$change->after::kind()->value] ?? [] as $rule) {
                    if ($rule->isValidAt($change->at) && $rule->listensTo($change)) {
                        return true;
                    }
                }

                return false;
            }
        }

        return false;
    }

    /** @return list<string> codes of the kinds that active rules wait for, of those which the change set may raise */
    public function occasions(ChangeSet $change): array
    {
        if ($change->isTriggeredAs(Trigger::APPLIED)) {
            return [Trigger::APPLIED];
        }
        $kinds = [];
        foreach (array_keys($this->indexesOf($change)) as $kind) {
            if ($kind::occasion($change)) {
                $kinds[] = $kind::kind();
            }
        }

        return $kinds;
    }

    /** @return array<class-string<EventKind>, RuleIndex> of the rules that are about its subject, by kind of event */
    private function indexesOf(ChangeSet $change): array
    {
        return $this->indexes[$change->after::kind()->value] ?? [];
    }

    /** @return list<int> positions in ascending order */
    private function candidates(ChangeSet $change): array
    {
        if ($change->isTriggeredAs(Trigger::APPLIED)) {
            return array_keys(
                array_filter(
                    $this->rulebook->rules,
                    static fn(Rule $rule): bool => $rule->active && $change->isFor($rule->id),
                ),
            );
        }
        $found = [];
        foreach ($this->indexesOf($change) as $kind => $index) {
            if ($kind::occasion($change)) {
                $found[] = $index->find($change->facts);
            }
        }
        if (count($found) < 2) {
            return $found[0] ?? [];
        }
        $positions = array_values(array_unique(array_merge(...$found)));
        sort($positions);

        return $positions;
    }
}
