<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use Closure;
use LogicException;

/**
 * A criteria tree made ready: closures over the operators and operands, so
 * that asking it looks up nothing but the values of the facts.
 */
final readonly class CompiledCriteria
{
    /** @param Closure(Facts): bool $holds */
    private function __construct(
        public Expression $expression,
        private FieldCatalogue $catalogue,
        private Closure $holds,
    ) {
    }

    /** @param Expression $expression one in which CriteriaCheck finds no fault */
    public static function compile(Expression $expression, FieldCatalogue $catalogue): self
    {
        return new self($expression, $catalogue, self::closure($expression, $catalogue));
    }

    public function holds(Facts $facts): bool
    {
        return ($this->holds)($facts);
    }

    /**
     * The first comparison, in reading order, on account of which the tree
     * fails; null where it holds. Of an "any" in which nothing holds, the first.
     */
    public function firstFailure(Facts $facts): ?FailedComparison
    {
        return $this->failure($this->expression, $facts, '', true);
    }

    private function failure(Expression $expression, Facts $facts, string $pointer, bool $wanted): ?FailedComparison
    {
        if ((self::closure($expression, $this->catalogue))($facts) === $wanted) {
            return null;
        }
        if ($expression instanceof Comparison) {
            return new FailedComparison($pointer, $expression, $facts->value($expression->path), ! $wanted);
        }
        if (! $expression instanceof Group) {
            throw new LogicException('Unknown kind of expression.');
        }
        $wantedOfParts = $expression->kind === GroupKind::None ? ! $wanted : $wanted;
        foreach ($expression->parts as $index => $part) {
            $failure = $this->failure($part, $facts, "{$pointer}/{$expression->kind->value}/{$index}", $wantedOfParts);
            if ($failure !== null) {
                return $failure;
            }
        }

        // An empty "any": there is no comparison to blame.
        return new FailedComparison($pointer, new Comparison('', 'any'), null, ! $wanted);
    }

    /** @return Closure(Facts): bool */
    private static function closure(Expression $expression, FieldCatalogue $catalogue): Closure
    {
        if ($expression instanceof Comparison) {
            return self::comparison($expression, $catalogue);
        }
        if (! $expression instanceof Group) {
            throw new LogicException('Unknown kind of expression.');
        }
        $parts = array_map(static fn (Expression $part): Closure => self::closure($part, $catalogue), $expression->parts);
        if (count($parts) === 1 && $expression->kind !== GroupKind::None) {
            return $parts[0];
        }

        // Whether to stop, and with what, at the first part that says so.
        $stopAt = $expression->kind !== GroupKind::All;
        $stopWith = $expression->kind === GroupKind::Any;

        return static function (Facts $facts) use ($parts, $stopAt, $stopWith): bool {
            foreach ($parts as $part) {
                if ($part($facts) === $stopAt) {
                    return $stopWith;
                }
            }

            return ! $stopWith;
        };
    }

    /** @return Closure(Facts): bool */
    private static function comparison(Comparison $comparison, FieldCatalogue $catalogue): Closure
    {
        $field = $catalogue->find($comparison->path);
        $operator = OperatorList::find($comparison->operator);
        if ($field === null || $operator === null) {
            throw new LogicException("The comparison of \"{$comparison->path}\" was not checked before it was compiled.");
        }
        $path = $comparison->path;
        $missing = $operator->holdsForMissing();
        $test = $operator->against($comparison->operand, $field->type);

        return static function (Facts $facts) use ($path, $missing, $test): bool {
            $value = $facts->values[$path] ?? null;

            return $value === null ? $missing : $test($value, $facts);
        };
    }
}
