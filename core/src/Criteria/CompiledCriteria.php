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
    /**
     * @param Closure(Facts): bool $holds
     * @param list<self>           $parts of a group
     */
    private function __construct(private Expression $expression, private Closure $holds, private array $parts) {}

    /** @param Expression $expression one in which CriteriaCheck finds no fault */
    public static function compile(Expression $expression, FieldCatalogue $catalogue): self
    {
        if ($expression instanceof Comparison) {
            return new self($expression, self::comparison($expression, $catalogue), []);
        }
        if (!($expression instanceof Group)) {
            throw new LogicException('Unknown kind of expression.');
        }
        $parts = array_map(static fn(Expression $part): self => self::compile($part, $catalogue), $expression->parts);

        return new self($expression, self::group($expression->kind, $parts), $parts);
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
        return $this->failure($facts, '', true);
    }

    /** What became of every part, whether or not it makes a difference. */
    public function trace(Facts $facts, string $pointer = ''): TracedPart
    {
        $holds = ($this->holds)($facts);
        if ($this->expression instanceof Comparison) {
            return new TracedPart($pointer, $holds, $this->expression, $facts->value($this->expression->path));
        }
        $kind = $this->expression instanceof Group ? $this->expression->kind : GroupKind::All;
        $parts = [];
        foreach ($this->parts as $index => $part) {
            $parts[] = $part->trace($facts, "{$pointer}/{$kind->value}/{$index}");
        }

        return new TracedPart($pointer, $holds, null, null, $kind, $parts);
    }

    private function failure(Facts $facts, string $pointer, bool $wanted): ?FailedComparison
    {
        if (($this->holds)($facts) === $wanted) {
            return null;
        }
        if ($this->expression instanceof Comparison) {
            return new FailedComparison($pointer, $this->expression, $facts->value($this->expression->path), !$wanted);
        }
        $kind = $this->expression instanceof Group ? $this->expression->kind : GroupKind::All;
        foreach ($this->parts as $index => $part) {
            $failure = $part->failure(
                $facts,
                "{$pointer}/{$kind->value}/{$index}",
                $kind === GroupKind::None ? !$wanted : $wanted,
            );
            if ($failure !== null) {
                return $failure;
            }
        }

        // A group without parts: there is no comparison to blame.
        return new FailedComparison($pointer, new Comparison('', $kind->value), null, !$wanted);
    }

    /**
     * @param list<self> $parts
     *
     * @return Closure(Facts): bool
     */
    private static function group(GroupKind $kind, array $parts): Closure
    {
        $closures = array_map(static fn(self $part): Closure => $part->holds, $parts);
        if (count($closures) === 1 && $kind !== GroupKind::None) {
            return $closures[0];
        }

        // Whether to stop, and with what, at the first part that says so.
        $stopAt = $kind !== GroupKind::All;
        $stopWith = $kind === GroupKind::Any;

        return static function (Facts $facts) use ($closures, $stopAt, $stopWith): bool {
            foreach ($closures as $closure) {
                if ($closure($facts) === $stopAt) {
                    return $stopWith;
                }
            }

            return !$stopWith;
        };
    }

    /** @return Closure(Facts): bool */
    private static function comparison(Comparison $comparison, FieldCatalogue $catalogue): Closure
    {
        $field = $catalogue->compared($comparison->path);
        $operator = OperatorList::find($comparison->operator);
        if ($field === null || $operator === null) {
            throw new LogicException(
                "The comparison of \"{$comparison->path}\" was not checked before it was compiled.",
            );
        }
        $path = $comparison->path;
        $operand = $comparison->operand;
        if ($operator instanceof HistoryOperator) {
            $test = $operator->over($comparison->constant(), $field->type);

            return static fn(Facts $facts): bool => $test($facts->valueBefore($path), $facts->value($path));
        }
        $missing = $operator->holdsForMissing();
        if ($operand instanceof FieldOperand || $operand instanceof RelativeDate) {
            return self::varying($path, $operator, $field->type, $operand);
        }
        $test = $operator->against($operand, $field->type);

        return static function (Facts $facts) use ($path, $missing, $test): bool {
            $value = $facts->values[$path] ?? null;

            return $value === null ? $missing : $test($value, $facts);
        };
    }

    /**
     * A comparison with what stands in another field, or with a day seen from
     * now. Where that is missing the comparison is as with a missing value.
     *
     * @return Closure(Facts): bool
     */
    private static function varying(
        string $path,
        Operator $operator,
        FieldType $type,
        FieldOperand|RelativeDate $operand,
    ): Closure {
        return static function (Facts $facts) use ($path, $operator, $type, $operand): bool {
            $value = $facts->value($path);
            $other =
                $operand instanceof FieldOperand ? $facts->value($operand->path) : $facts->days[$operand->text] ?? null;

            return $value === null || $other === null
                ? $operator->holdsForMissing()
                : $operator->against($other, $type)($value, $facts);
        };
    }
}
