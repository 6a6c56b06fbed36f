<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Bridge\HouseAt;
use OpenBaton\Core\Check\CoverageReplay;
use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Time\Zone;

/**
 * Holds the criteria of a rule that is being written against the latest of the recent work: what arrived, or of a rule
 * that waits for something else, what happened. What is not finished of it is left out.
 */
final readonly class HoldAgainstRecent
{
    public const MOST = 1000;

    private const CAUGHT = 9;

    /**
     * @param mixed     $criteria as the draft has them
     * @param Rule|null $rule     the rule; null: it is not finished
     */
    public function __invoke(mixed $criteria, ?Rule $rule, CompiledRulebook $all, HouseAt $house): RuleOnRecent
    {
        $node = Node::root($criteria ?? ['all' => []], '/if');
        $format = new CriteriaFormat($house->snapshot->ruleContext());
        $expressions = $this->comparisons($node, $format);
        $fields = $house->snapshot->catalogue;
        $parts = array_map(
            static fn(Expression $one): CompiledCriteria => CompiledCriteria::compile($one, $fields),
            $expressions,
        );
        $whole = self::read($node, $format);
        $whole = $whole === null ? null : CompiledCriteria::compile($whole, $fields);
        $changes = self::changes($rule, $house, $all->lookups->and(Lookups::of($expressions)));
        $counts = array_fill_keys(array_keys($parts), 0);
        $held = 0;
        $caught = [];
        foreach ($changes as [$taskId, $change]) {
            foreach ($parts as $pointer => $part) {
                $counts[$pointer] += $part->holds($change->facts) ? 1 : 0;
            }
            if ($whole?->holds($change->facts) === true) {
                ++$held;
                if (count($caught) < self::CAUGHT && !array_key_exists($taskId, $caught)) {
                    $caught[$taskId] = self::before($rule, $change, $all);
                }
            }
        }

        return new RuleOnRecent(count($changes), $counts, $whole === null ? null : $held, $caught);
    }

    /** Position of the rule above it that takes the change. */
    private static function before(?Rule $rule, ChangeSet $change, CompiledRulebook $all): ?int
    {
        $giving = $rule === null ? null : CoverageReplay::of($all, $change)->giving;
        foreach ($giving === null ? [] : $all->rulebook->rules as $position => $one) {
            if ($one->id === $rule?->id) {
                return $giving < $position ? $giving : null;
            }
        }

        return null;
    }

    /** @return list<array{string, ChangeSet}> id of what it happened to and what happened, the latest first */
    private static function changes(?Rule $rule, HouseAt $house, Lookups $lookups): array
    {
        $snapshot = $house->snapshot;
        $seen = new ChangeFacts($snapshot->roster, $lookups);
        $of = $rule?->about() ?? SubjectKind::Task;
        if ($rule === null || $rule->waitsFor(TaskArrives::class)) {
            $arrivals = new RecordedArrivals($snapshot->catalogue, new Zone($snapshot->zone), $seen);

            return array_map(
                static fn(ChangeSet $one): array => [$one->after->id, $one],
                array_values($arrivals->latest(self::MOST)),
            );
        }
        $changes = (new RecordedChanges($snapshot->catalogue, $seen))->latest(self::MOST, $of);

        return array_values(array_filter($changes, static fn(array $one): bool => $rule->listensTo($one[1])));
    }

    /** @return array<string, Expression> those that are finished, by pointer */
    private function comparisons(Node $node, CriteriaFormat $format): array
    {
        foreach (GroupKind::cases() as $kind) {
            if ($node->isObject() && $node->has($kind->value)) {
                return array_merge(
                    ...array_map(
                        fn(Node $part): array => $this->comparisons($part, $format),
                        $node->itemsOf($kind->value),
                    ),
                );
            }
        }
        $read = self::read($node, $format);

        return $read === null ? [] : [$node->pointer => $read];
    }

    private static function read(Node $node, CriteriaFormat $format): ?Expression
    {
        try {
            return $format->read($node);
        } catch (DocumentError) {
            return null;
        }
    }
}
