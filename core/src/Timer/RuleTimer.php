<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Subject\Subject;

/** A timer of a rule: one of its events that the clock brings about. */
final readonly class RuleTimer
{
    /** Tells it from every other; the same in every version that has the same timer in the same rule. */
    public string $id;

    /** Fields of a task that never change. */
    private const FIXED = ['task.kind', 'task.source'];

    /** @var array<string, array<array-key, true>> what those must be for the rule to act, by path and Plain::key() */
    private array $asked;

    /** @param int $since instant before which it does not fire: when the first version with it was published */
    public function __construct(public string $ruleId, public DateReached|Schedule $event, public int $since = 0, ?Expression $criteria = null)
    {
        $this->asked = $criteria === null ? [] : self::asked($criteria);
        $this->id = self::id($ruleId, $event);
    }

    /** Whether it can be for a task: what never changes does not stand against its rule. */
    public function mayConcern(Subject $subject): bool
    {
        foreach ($this->asked as $path => $values) {
            if (! isset($values[Plain::key($subject->fields[$path] ?? null, FieldType::OneOf)])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, array<array-key, true>> */
    private static function asked(Expression $expression): array
    {
        if ($expression instanceof Comparison && in_array($expression->path, self::FIXED, true) && in_array($expression->operator, ['is', 'one_of'], true) && $expression->constant() !== null) {
            return [$expression->path => Plain::set($expression->constant(), FieldType::OneOf)];
        }
        $asked = [];
        foreach ($expression instanceof Group && $expression->kind === GroupKind::All ? $expression->parts : [] as $part) {
            $asked += self::asked($part);
        }

        return $asked;
    }

    public static function id(string $ruleId, DateReached|Schedule $event): string
    {
        return hash('sha256', json_encode([$ruleId, PartFormat::write($event)], JSON_THROW_ON_ERROR));
    }
}
