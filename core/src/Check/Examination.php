<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Check\Values\CriteriaTerms;
use OpenBaton\Core\Check\Values\Terms;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\SubjectKind;
use OverflowException;

/** A rulebook that is looked at by checks, with what they ask of it worked out once. */
final class Examination
{
    /** @var array<int, Rule> the active rules, by position */
    public readonly array $rules;

    /** @var array<int, Terms|null> by position; null: there are too many */
    private array $terms = [];

    /** @var array<string, TermIndex> by whether the rules end the search */
    private array $indexes = [];

    /** @var array<int, FixedPool>|null */
    private ?array $pools = null;

    public readonly Raising $raising;

    /**
     * @param int             $now    instant
     * @param RecentWork|null $recent null: it is not known
     */
    public function __construct(
        public readonly Rulebook $rulebook,
        public readonly ?Roster $roster,
        public readonly TaskCatalogue $taskCatalogue,
        public readonly int $now,
        public readonly ?RecentWork $recent = null,
    ) {
        $this->rules = array_filter(
            $rulebook->rules,
            // What rules about cases do is not examined yet.
            static fn(Rule $rule): bool => $rule->about() === SubjectKind::Task &&
                $rule->active &&
                ($rule->validUntil === null || $now < $rule->validUntil),
        );
        $this->raising = new Raising($this);
    }

    /** @return array<int, FixedPool> of rules that give to the same people whatever the task, by position */
    public function pools(): array
    {
        if ($this->pools === null) {
            $this->pools = [];
            foreach ($this->rules as $position => $rule) {
                $pool =
                    $rule->give === null || $this->roster === null
                        ? null
                        : FixedPool::of($rule->give, $this->roster, $this->now);
                if ($pool !== null) {
                    $this->pools[$position] = $pool;
                }
            }
        }

        return $this->pools;
    }

    /** With which values the criteria of a rule hold; null: that is not examined. */
    public function terms(int $position): ?Terms
    {
        if (!array_key_exists($position, $this->terms)) {
            $rule = $this->rules[$position];
            $this->terms[$position] = $this->termsOf($rule->criteria, self::isOfArrivals($rule));
        }

        return $this->terms[$position];
    }

    public function termsOf(Expression $criteria, bool $arrivals = false, bool $holds = true): ?Terms
    {
        try {
            return (new CriteriaTerms($this->rulebook->fields, $arrivals))->of($criteria, $holds);
        } catch (OverflowException) {
            return null;
        }
    }

    /** @return array<int, Terms> of rules that can hold and are examined, by position */
    public function holding(): array
    {
        $terms = [];
        foreach (array_keys($this->rules) as $position) {
            $of = $this->terms($position);
            if ($of !== null && !$of->isEmpty()) {
                $terms[$position] = $of;
            }
        }

        return $terms;
    }

    /** @param bool $ending only those that end the search whatever happens */
    public function giving(bool $ending): TermIndex
    {
        return $this->indexes[$ending ? 'ending' : 'giving'] ??= new TermIndex($this->entries($ending));
    }

    /** @return iterable<array{int, Values\Term}> */
    private function entries(bool $ending): iterable
    {
        foreach ($this->holding() as $position => $terms) {
            $give = $this->rules[$position]->give;
            if ($give !== null && (!$ending || self::ends($give))) {
                foreach ($terms->all as $term) {
                    yield [$position, $term];
                }
            }
        }
    }

    /** Whether the search ends with it, even where it finds nobody. */
    public static function ends(Give $give): bool
    {
        return !($give->otherwise instanceof NextRule);
    }

    /** Whether it waits for nothing but that a task arrives. */
    public static function isOfArrivals(Rule $rule): bool
    {
        return array_filter($rule->events, static fn(EventKind $one): bool => !($one instanceof TaskArrives)) === [];
    }

    /** Whether a rule is valid whenever another one is, from now on. */
    public function isValidThroughout(Rule $rule, Rule $other): bool
    {
        return ($rule->validFrom === null || $rule->validFrom <= max($other->validFrom ?? PHP_INT_MIN, $this->now)) &&
            ($rule->validUntil === null || ($other->validUntil !== null && $other->validUntil <= $rule->validUntil));
    }
}
