<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Rulebook\RuleContext;

/**
 * Criteria out of JsonLogic, as far as criteria can say it: comparisons of fields with values, and of two fields, under
 * "and", "or" and "!". What JsonLogic makes of a missing value is said in so many words.
 */
final readonly class JsonLogicReader
{
    private JsonLogicComparisons $comparisons;

    public function __construct(RuleContext $context)
    {
        $this->comparisons = new JsonLogicComparisons($context);
    }

    /** @throws DocumentError with each place that criteria can't say */
    public function read(Node $node): Expression
    {
        $faults = new Faults();
        $read = $faults->collect(fn(): Expression => $this->expression($node, 0, $faults));
        $faults->throwIfAny();

        return $read ?? self::never();
    }

    private function expression(Node $node, int $depth, Faults $faults): Expression
    {
        if ($depth > CriteriaFormat::DEEPEST) {
            throw $node->fail('This is nested more than {most} deep.', most: CriteriaFormat::DEEPEST);
        }
        if (is_bool($node->value)) {
            return $node->value ? new Group(GroupKind::All, []) : self::never();
        }
        [$op, $arguments] = self::operation($node);

        return match ($op) {
            'and', 'or' => $this->group($op, $arguments, $depth, $faults),
            '!' => $this->isFieldAlone($arguments)
                ? $this->comparisons->falsy($arguments[0])
                : self::not($this->expression(self::only($node, $arguments), $depth + 1, $faults)),
            '!!' => $this->expression(self::only($node, $arguments), $depth + 1, $faults),
            'var' => self::not($this->comparisons->falsy($node)),
            '===', '==' => $this->comparisons->equal($node, $arguments),
            '!==', '!=' => self::not($this->comparisons->equal($node, $arguments)),
            '<', '<=', '>', '>=' => $this->comparisons->ordered($node, $op, $arguments),
            'in' => $this->comparisons->in($node, $arguments),
            'some', 'none' => $this->comparisons->among($node, $op, $arguments),
            default => throw $node->fail('Criteria can\'t say "{op}".', op: $op),
        };
    }

    /** @param list<Node> $arguments */
    private function group(string $op, array $arguments, int $depth, Faults $faults): Expression
    {
        $parts = [];
        foreach ($arguments as $argument) {
            $part = $faults->collect(fn(): Expression => $this->expression($argument, $depth + 1, $faults));
            if ($part !== null) {
                $parts[] = $part;
            }
        }

        // Of nothing, neither is true in JsonLogic.
        return $arguments === [] ? self::never() : new Group($op === 'and' ? GroupKind::All : GroupKind::Any, $parts);
    }

    /** @param list<Node> $arguments */
    private function isFieldAlone(array $arguments): bool
    {
        return count($arguments) === 1 && $arguments[0]->isObject() && $arguments[0]->has('var');
    }

    /** @return array{string, list<Node>} */
    private static function operation(Node $node): array
    {
        $members = $node->members();
        if (count($members) !== 1) {
            throw $node->fail('One operator with what it is about belongs here.');
        }
        [$op, $value] = $members[0];

        return [$op, is_array($value->value) && array_is_list($value->value) ? $value->items() : [$value]];
    }

    /** @param list<Node> $arguments */
    private static function only(Node $node, array $arguments): Node
    {
        return count($arguments) === 1 ? $arguments[0] : throw $node->fail('One thing belongs here.');
    }

    private static function not(Expression $expression): Group
    {
        return new Group(GroupKind::None, [$expression]);
    }

    private static function never(): Group
    {
        return new Group(GroupKind::Any, []);
    }
}
