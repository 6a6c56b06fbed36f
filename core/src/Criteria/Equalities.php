<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Criteria\Operator\Plain;

/** What must be equal for criteria to hold: their comparisons for equality outside of any "any" and "none". */
final class Equalities
{
    /** @return array<string, array<array-key, true>> values allowed as Plain::set() gives them, by path */
    public static function of(Expression $expression, FieldCatalogue $fields): array
    {
        if (
            $expression instanceof Group &&
            ($expression->kind === GroupKind::All ||
                ($expression->kind === GroupKind::Any && count($expression->parts) === 1))
        ) {
            $equal = [];
            foreach ($expression->parts as $part) {
                $equal += self::of($part, $fields);
            }

            return $equal;
        }
        $type = $expression instanceof Comparison ? $fields->compared($expression->path)?->type : null;
        if (
            !($expression instanceof Comparison) ||
            $type === null ||
            !in_array($expression->operator, ['is', 'one_of'], true) ||
            $expression->constant() === null
        ) {
            return [];
        }

        return [$expression->path => Plain::set($expression->constant(), $type)];
    }
}
