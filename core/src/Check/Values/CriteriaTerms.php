<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

use LogicException;
use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OverflowException;

/**
 * Criteria as a disjunction of conjunctions.
 *
 * A negation is the complement of what it denies, "missing" included. Criteria
 * of which more than 4,096 conjunctions would be needed are not examined.
 */
final readonly class CriteriaTerms
{
    private ComparedValues $values;

    /** @param bool $arrivals only tasks that arrive, or are tried again, are met */
    public function __construct(FieldCatalogue $fields, bool $arrivals = false)
    {
        $this->values = new ComparedValues($fields, $arrivals);
    }

    /** @throws OverflowException */
    public function of(Expression $expression, bool $holds = true): Terms
    {
        if ($expression instanceof Comparison) {
            return $this->values->of($expression, $holds);
        }
        if (!($expression instanceof Group)) {
            throw new LogicException('Unknown kind of expression.');
        }
        $kind = $expression->kind;
        $all = ($kind !== GroupKind::Any) === $holds;
        $terms = $all ? Terms::always() : Terms::of([]);
        foreach ($expression->parts as $part) {
            $of = $this->of($part, ($kind !== GroupKind::None) === $holds);
            $terms = $all ? $terms->and($of) : $terms->or($of);
        }

        return $terms;
    }
}
