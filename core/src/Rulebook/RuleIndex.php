<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\Equalities;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;

/**
 * Finds the rules that can hold for given facts by what they compare for
 * equality, so that a rulebook of thousands costs little more than one of tens.
 *
 * A tree: each node splits its rules on the field that most of them need to be
 * equal to something; a rule stands under each value that it allows, or under
 * "rest" where it does not ask for that field. What is found is a superset of
 * the rules that hold.
 */
final class RuleIndex
{
    /** Fewer rules than this are quicker to ask one by one than an index of them is to make. */
    private const WORTH_AN_INDEX = 32;

    /** Fewer rules than this are quicker to ask than to split. */
    private const WORTH_SPLITTING = 4;

    private ?string $path = null;

    private ?FieldType $type = null;

    /** @var array<array-key, self> by Plain::key of the value */
    private array $byValue = [];

    private ?self $rest = null;

    /** @var list<int> positions of rules, where this node does not split */
    private array $positions = [];

    private function __construct() {}

    /** @param array<int, Rule> $rules by position */
    public static function of(array $rules, FieldCatalogue $fields): self
    {
        if (count($rules) < self::WORTH_AN_INDEX) {
            $index = new self();
            $index->positions = array_keys($rules);

            return $index;
        }
        $needs = [];
        foreach ($rules as $position => $rule) {
            $needs[$position] = array_map(array_keys(...), Equalities::of($rule->criteria, $fields));
        }

        return self::build($needs, $fields);
    }

    /** @return list<int> positions in ascending order */
    public function find(Facts $facts): array
    {
        $found = [];
        $this->collect($facts, $found);
        sort($found);

        return $found;
    }

    /** @param list<int> $found */
    private function collect(Facts $facts, array &$found): void
    {
        for ($node = $this; $node !== null; $node = $node->rest) {
            foreach ($node->positions as $position) {
                $found[] = $position;
            }
            if ($node->path === null || $node->type === null) {
                return;
            }
            $value = $facts->values[$node->path] ?? null;
            if ($value !== null && !is_array($value)) {
                ($node->byValue[Plain::key($value, $node->type)] ?? null)?->collect($facts, $found);
            }
        }
    }

    /** @param array<int, array<string, list<array-key>>> $needs by position: the values allowed, by path */
    private static function build(array $needs, FieldCatalogue $fields): self
    {
        $node = new self();
        $path = count($needs) < self::WORTH_SPLITTING ? null : self::bestPath($needs);
        $field = $path === null ? null : $fields->compared($path);
        if ($path === null || $field === null) {
            $node->positions = array_keys($needs);

            return $node;
        }

        $byValue = [];
        $rest = [];
        foreach ($needs as $position => $need) {
            $values = $need[$path] ?? null;
            unset($need[$path]);
            if ($values === null) {
                $rest[$position] = $need;

                continue;
            }
            foreach ($values as $value) {
                $byValue[$value][$position] = $need;
            }
        }
        $node->path = $path;
        $node->type = $field->type;
        foreach ($byValue as $value => $part) {
            $node->byValue[$value] = self::build($part, $fields);
        }
        $node->rest = $rest === [] ? null : self::build($rest, $fields);

        return $node;
    }

    /**
     * The field that leaves the fewest rules to ask, on average over its values.
     *
     * @param array<int, array<string, list<array-key>>> $needs
     */
    private static function bestPath(array $needs): ?string
    {
        $rules = [];
        $values = [];
        foreach ($needs as $need) {
            foreach ($need as $path => $allowed) {
                $rules[$path] = ($rules[$path] ?? 0) + count($allowed);
                foreach ($allowed as $value) {
                    $values[$path][$value] = true;
                }
            }
        }
        $best = null;
        $bestSaved = 0.0;
        foreach ($rules as $path => $count) {
            $saved = $count - $count / count($values[$path]);
            if ($saved > $bestSaved) {
                [$best, $bestSaved] = [$path, $saved];
            }
        }

        return $best;
    }
}
