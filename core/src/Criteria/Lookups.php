<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Criteria\Operator\IsInTeam;
use OpenBaton\Core\Rulebook\Event\SeatChanges;
use OpenBaton\Core\Rulebook\FollowUp\ActsOnCase;
use OpenBaton\Core\Rulebook\PartsWithin;
use OpenBaton\Core\Rulebook\Pool\AsksWhoDid;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\MomentFields;

/** What criteria look up besides the values of tasks: the moment, days seen from it, and who is in which team. */
final readonly class Lookups
{
    /**
     * @param array<string, RelativeDate> $days    by their text
     * @param list<string>                $moments paths of fields of the moment
     * @param bool                        $kin     who did the tasks that belong with one
     * @param bool                        $cases   the case that a task belongs to, to act on it
     */
    private function __construct(
        public array $days,
        public bool $teams,
        public array $moments,
        public bool $kin = false,
        public bool $cases = false,
    ) {}

    /** @param iterable<Expression> $expressions */
    public static function of(iterable $expressions, bool $teams = false): self
    {
        $days = $moments = [];
        $inTeam = (new IsInTeam())->code();
        foreach (self::comparisons($expressions) as $comparison) {
            if ($comparison->operand instanceof RelativeDate) {
                $days[$comparison->operand->text] = $comparison->operand;
            }
            $teams = $teams || $comparison->operator === $inTeam;
            $moments[$comparison->path] = true;
            if ($comparison->operand instanceof FieldOperand) {
                $moments[$comparison->operand->path] = true;
            }
        }

        return new self($days, $teams, array_keys(array_intersect_key($moments, MomentFields::TYPES)));
    }

    public function and(self $other): self
    {
        return new self(
            $this->days + $other->days,
            $this->teams || $other->teams,
            array_values(array_unique([...$this->moments, ...$other->moments])),
            $this->kin || $other->kin,
            $this->cases || $other->cases,
        );
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
                    $people = $people || $event instanceof SeatChanges;
                }
            }
        }

        $of = self::of($criteria, $people);

        return new self($of->days, $of->teams, $of->moments, self::askWhoDid($rulebook), self::actOnCases($rulebook));
    }

    private static function actOnCases(Rulebook $rulebook): bool
    {
        foreach ($rulebook->rules as $rule) {
            foreach ($rule->active ? $rule->followUps : [] as $followUp) {
                if ($followUp instanceof ActsOnCase && $followUp->actsOnCase()) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function askWhoDid(Rulebook $rulebook): bool
    {
        foreach ($rulebook->rules as $rule) {
            $parts = $rule->active ? array_filter([$rule->give?->pool, ...$rule->followUps]) : [];
            foreach ($parts as $part) {
                foreach (PartsWithin::of($part) as $within) {
                    if ($within instanceof AsksWhoDid) {
                        return true;
                    }
                }
            }
        }

        return false;
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
