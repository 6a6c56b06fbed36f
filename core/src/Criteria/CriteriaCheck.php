<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use InvalidArgumentException;
use OpenBaton\Core\Time\LocalDate;

/** Checks a criteria tree against the fields of the house. */
final readonly class CriteriaCheck
{
    private const DEEPEST = 8;

    public function __construct(private FieldCatalogue $catalogue) {}

    /**
     * @param string $pointer where the tree stands in its document
     *
     * @return list<Fault> empty where all is right
     */
    public function faults(Expression $expression, string $pointer = '', int $depth = 0): array
    {
        if ($depth > self::DEEPEST) {
            return [new Fault($pointer, 'Groups are nested more than '.self::DEEPEST.' deep; split the rule in two.')];
        }
        if ($expression instanceof Group) {
            $faults = [];
            foreach ($expression->parts as $index => $part) {
                $faults = [...$faults, ...$this->faults($part, "{$pointer}/{$expression->kind->value}/{$index}", $depth + 1)];
            }

            return $faults;
        }
        if ($expression instanceof Comparison) {
            return $this->comparison($expression, $pointer);
        }

        return [new Fault($pointer, 'This is neither a group nor a comparison.')];
    }

    /** @return list<Fault> */
    private function comparison(Comparison $comparison, string $pointer): array
    {
        $field = $this->catalogue->find($comparison->path);
        if ($field === null) {
            return [new Fault("{$pointer}/field", "There is no field \"{$comparison->path}\".")];
        }
        $operator = OperatorList::find($comparison->operator);
        if ($operator === null) {
            return [new Fault("{$pointer}/op", "There is no operator \"{$comparison->operator}\".")];
        }
        if (! $operator->fits($field->type)) {
            $fitting = implode(', ', array_map(static fn(Operator $one): string => $one->code(), OperatorList::fitting($field->type)));

            return [new Fault("{$pointer}/op", "\"{$operator->code()}\" does not fit {$field->label}; use one of: {$fitting}.")];
        }
        $reason = $this->operandFault($operator->shape(), $comparison->operand, $field);

        return $reason === null ? [] : [new Fault("{$pointer}/value", $reason)];
    }

    /** @param string|int|float|bool|list<string|int|float>|null $operand */
    private function operandFault(OperandShape $shape, string|int|float|bool|array|null $operand, Field $field): ?string
    {
        switch ($shape) {
            case OperandShape::Nothing:
                return $operand === null ? null : 'This comparison takes no value.';
            case OperandShape::Days:
                return is_int($operand) && $operand >= 1 && $operand <= 3660 ? null : 'Give a whole number of days, 1 or more.';
            case OperandShape::One:
                return is_array($operand) || $operand === null ? 'Give one value.' : $this->valueFault($operand, $field);
            case OperandShape::Several:
            case OperandShape::Pair:
                if (! is_array($operand) || $operand === []) {
                    return 'Give a list of values.';
                }
                foreach ($operand as $value) {
                    $reason = $this->valueFault($value, $field);
                    if ($reason !== null) {
                        return $reason;
                    }
                }
                if ($shape === OperandShape::Pair && (count($operand) !== 2 || $operand[0] > $operand[1])) {
                    return 'Give two values, the lower one first.';
                }

                return null;
        }
    }

    private function valueFault(string|int|float|bool $value, Field $field): ?string
    {
        return match ($field->type) {
            FieldType::Text, FieldType::Tags => is_string($value) && trim($value) !== '' ? null : 'Give a text.',
            FieldType::Number => is_int($value) || is_float($value) ? null : 'Give a number.',
            FieldType::Money => is_int($value) ? null : 'Give an amount of money.',
            FieldType::Duration => is_int($value) && $value >= 0 ? null : 'Give a length of time in minutes.',
            FieldType::YesNo => is_bool($value) ? null : 'Give yes or no.',
            FieldType::Date => is_string($value) && $this->isDate($value) ? null : 'Give a date of the form YYYY-MM-DD.',
            FieldType::Person => is_string($value) && $value !== '' ? null : 'Name a person.',
            FieldType::OneOf, FieldType::ManyOf => is_string($value) && isset($field->options[$value])
                ? null
                : '"'.$this->show($value)."\" is not a value of {$field->label}; its values are ".implode(', ', array_keys($field->options)).'.',
        };
    }

    private function isDate(string $text): bool
    {
        try {
            LocalDate::parse($text);

            return true;
        } catch (InvalidArgumentException) {
            return false;
        }
    }

    private function show(string|int|float|bool $value): string
    {
        return is_bool($value) ? ($value ? 'true' : 'false') : (string) $value;
    }
}
