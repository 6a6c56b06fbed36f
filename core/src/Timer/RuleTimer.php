<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Criteria\Equalities;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\SubjectKind;

/** A timer of a rule: one of its events that the clock brings about. */
final readonly class RuleTimer
{
    /** Fields of a task that never change. */
    private const FIXED = ['task.kind', 'task.source'];

    /**
     * @param string $id tells it from every other; the same in every version that has the same timer in the same rule
     * @param int                                    $position of its rule in the rulebook
     * @param int $since instant before which it does not fire: when the first version with it was published
     * @param array<string, array<array-key, true>> $asked what the fields that never change must be for the rule to
     *     act, by path and Plain::key()
     */
    private function __construct(
        public string $id,
        public string $ruleId,
        public int $position,
        public DateReached|Schedule $event,
        public int $since,
        public array $asked,
        public SubjectKind $about,
    ) {}

    /**
     * @param int                   $position of the rule
     * @param array<array-key, int> $since    by id; a timer that is not named has no such bound
     */
    public static function of(
        Rule $rule,
        int $position,
        DateReached|Schedule $event,
        FieldCatalogue $fields,
        array $since,
    ): self {
        $id = self::id($rule->id, $event);

        return new self(
            $id,
            $rule->id,
            $position,
            $event,
            $since[$id] ?? 0,
            array_intersect_key(Equalities::of($rule->criteria, $fields), array_flip(self::FIXED)),
            $rule->about(),
        );
    }

    /** Whether it can be for a task or a case: what never changes does not stand against its rule. */
    public function mayConcern(Subject $subject): bool
    {
        if ($subject::kind() !== $this->about) {
            return false;
        }
        foreach ($this->asked as $path => $values) {
            if (!isset($values[Plain::key($subject->fields[$path] ?? null, FieldType::OneOf)])) {
                return false;
            }
        }

        return true;
    }

    public static function id(string $ruleId, DateReached|Schedule $event): string
    {
        return hash('sha256', json_encode([$ruleId, PartFormat::write($event)], JSON_THROW_ON_ERROR));
    }
}
