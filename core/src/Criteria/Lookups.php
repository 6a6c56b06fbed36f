<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Criteria\Operator\IsInTeam;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\Event\ReviewerChanges;
use OpenBaton\Core\Rulebook\Rulebook;

/** What criteria look up besides the values of fields: days seen from now, and who is in which team. */
final readonly class Lookups
{
    /** @param array<string, RelativeDate> $days by their text */
    private function __construct(public array $days, public bool $teams) {}

    /** @param iterable<Expression> $expressions */
    public static function of(iterable $expressions, bool $teams = false): self
    {
        $days = [];
        $inTeam = (new IsInTeam())->code();
        foreach (self::comparisons($expressions) as $comparison) {
            if ($comparison->operand instanceof RelativeDate) {
                $days[$comparison->operand->text] = $comparison->operand;
            }
            $teams = $teams || $comparison->operator === $inTeam;
        }

        return new self($days, $teams);
    }

    public function and(self $other): self
    {
        return new self($this->days + $other->days, $this->teams || $other->teams);
    }

    /** What the active rules of a rulebook look up. */
    public static function ofRulebook(Rulebook $rulebook): self
    {
        $criteria = [];
        $people = false;
        foreach ($rulebook->rules as $rule) {
            if ($rule->active) {
                $criteria[] = $rule->criteria;
                foreach ($rule->events as $event) {
                    $people = $people || $event instanceof HolderChanges || $event instanceof ReviewerChanges;
                }
            }
        }

        return self::of($criteria, $people);
    }

    /**
     * @param iterable<Expression> $expressions
     *
     * @return iterable<Comparison>
     */
    private static function comparisons(iterable $expressions): iterable
    {
        foreach ($expressions as $expression) {
            if ($expression instanceof Comparison) {
                yield $expression;
            } elseif ($expression instanceof Group) {
                yield from self::comparisons($expression->parts);
            }
        }
    }
}
