<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Routing\Event;

/** A rulebook made ready for one version: rules indexed, their criteria compiled when they are first asked. */
final class CompiledRulebook
{
    /** @var array<int, CompiledCriteria> by position of the rule */
    private array $criteria = [];

    /** @param array<string, RuleIndex> $indexes by kind of event */
    private function __construct(
        public readonly string $version,
        public readonly Rulebook $rulebook,
        private readonly array $indexes,
    ) {}

    /** @param Rulebook $rulebook one that RulebookCheck finds no fault with */
    public static function compile(Rulebook $rulebook, string $version): self
    {
        $byEvent = [];
        foreach ($rulebook->rules as $position => $rule) {
            if ($rule->active) {
                foreach ($rule->events as $event) {
                    $byEvent[$event->value][$position] = $rule;
                }
            }
        }

        return new self($version, $rulebook, array_map(static fn(array $rules): RuleIndex => RuleIndex::of($rules, $rulebook->fields), $byEvent));
    }

    /** @param int $position of the rule */
    public function criteria(int $position): CompiledCriteria
    {
        return $this->criteria[$position] ??= CompiledCriteria::compile($this->rulebook->rules[$position]->criteria, $this->rulebook->fields);
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
            if ($rule->isValidAt($event->at) && $this->criteria($position)->holds($event->facts)) {
                yield $position => $rule;
            }
        }
    }
}
