<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Routing\Event;

/** A rulebook made ready for one version: criteria compiled, rules indexed. */
final readonly class CompiledRulebook
{
    /** @param list<CompiledCriteria> $criteria by position of the rule */
    private function __construct(
        public string $version,
        public Rulebook $rulebook,
        public array $criteria,
        /** @var array<string, RuleIndex> by kind of event */
        private array $indexes,
    ) {}

    /** @param Rulebook $rulebook one that RulebookCheck finds no fault with */
    public static function compile(Rulebook $rulebook, string $version): self
    {
        $criteria = [];
        $byEvent = [];
        foreach ($rulebook->rules as $position => $rule) {
            $criteria[] = CompiledCriteria::compile($rule->criteria, $rulebook->fields);
            if ($rule->active) {
                foreach ($rule->events as $event) {
                    $byEvent[$event->value][$position] = $rule;
                }
            }
        }
        $indexes = array_map(static fn(array $rules): RuleIndex => RuleIndex::of($rules, $rulebook->fields), $byEvent);

        return new self($version, $rulebook, $criteria, $indexes);
    }

    /**
     * The active and valid rules whose event and criteria hold, in order, one at a time.
     *
     * @return iterable<int, Rule> by position
     */
    public function holding(Event $event): iterable
    {
        foreach (($this->indexes[$event->kind->value] ?? null)?->find($event->facts) ?? [] as $position) {
            $rule = $this->rulebook->rules[$position];
            if ($rule->isValidAt($event->at) && $this->criteria[$position]->holds($event->facts)) {
                yield $position => $rule;
            }
        }
    }
}
