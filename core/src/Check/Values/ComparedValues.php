<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

use LogicException;
use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldOperand;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\HistoryOperator;
use OpenBaton\Core\Criteria\Operator;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Criteria\RelativeDate;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\TimeOfDay;

/** The values with which one comparison holds. */
final readonly class ComparedValues
{
    /** Each is the other's complement, "missing" included. */
    private const DENIALS = [
        'is_not' => 'is',
        'none_of' => 'one_of',
        'matches_none' => 'matches_any',
        'is_filled' => 'is_empty',
    ];

    public function __construct(private FieldCatalogue $fields, private bool $arrivals) {}

    public function of(Comparison $comparison, bool $holds): Terms
    {
        $field = $this->fields->compared($comparison->path);
        $operator = OperatorList::find($comparison->operator);
        if ($field === null || $operator === null) {
            throw new LogicException('Criteria are read before they are examined.');
        }
        $code = self::DENIALS[$comparison->operator] ?? $comparison->operator;
        $holds = $code === $comparison->operator ? $holds : !$holds;
        if ($this->arrivals && self::asksWhetherItBecame($comparison, $field)) {
            return Terms::of($holds ? [] : [Term::always()]);
        }
        if (self::isOpaque($comparison, $operator)) {
            $operand = match (true) {
                $comparison->operand instanceof FieldOperand => ['field' => $comparison->operand->path],
                $comparison->operand instanceof RelativeDate => ['now' => $comparison->operand->text],
                default => Plain::set($comparison->operand, $field->type),
            };
            $filled =
                !($operator instanceof HistoryOperator) && OperatorList::find($code)?->holdsForMissing() === false;
            $of = $code . json_encode($operand, JSON_THROW_ON_ERROR);

            return Terms::of([Term::that(new Atom(AtomKind::Opaque, $field->path, $of, filled: $filled), $holds)]);
        }

        return self::ofValues($field, $code, $comparison->operand, $holds);
    }

    /**
     * Nothing becomes another thing than it was when a task arrives, nor when one that nobody was found for is tried
     * again.
     */
    private static function asksWhetherItBecame(Comparison $comparison, Field $field): bool
    {
        $values = $comparison->operator === 'changed_from_to' ? (array) $comparison->operand : [];

        return count($values) === 2 && !Plain::same($values[0] ?? null, $values[1] ?? null, $field->type);
    }

    private static function isOpaque(Comparison $comparison, Operator $operator): bool
    {
        return $operator instanceof HistoryOperator ||
            $comparison->operand instanceof FieldOperand ||
            $comparison->operand instanceof RelativeDate ||
            in_array($comparison->operator, ['within_next', 'within_last', 'same_person_as', 'in_team'], true);
    }

    private static function ofValues(Field $field, string $code, mixed $operand, bool $holds): Terms
    {
        $atoms = [
            'contains' => AtomKind::Contains,
            'starts_with' => AtomKind::StartsWith,
            'ends_with' => AtomKind::EndsWith,
        ];
        if (isset($atoms[$code])) {
            return Terms::of([
                Term::that(new Atom($atoms[$code], $field->path, Plain::key($operand, $field->type)), $holds),
            ]);
        }
        if ($field->type->isList()) {
            return self::ofList($field, $code, $operand, $holds);
        }
        $values =
            $field->type->isNumeric() || in_array($field->type, [FieldType::Date, FieldType::Time], true)
                ? self::ranges($field->type, $code, $operand)
                : self::discrete($field, $code, $operand);

        return Terms::of([Term::of($field->path, $holds ? $values : $values->complement())]);
    }

    private static function discrete(Field $field, string $code, mixed $operand): Discrete
    {
        $options = match ($field->type) {
            FieldType::YesNo => 2,
            FieldType::OneOf => count($field->options),
            default => null,
        };
        if ($code === 'is_empty') {
            $missing = Discrete::missing($options);

            // A text of which nothing is left counts as none.
            return $field->type === FieldType::Text
                ? $missing->complement()->but(Discrete::of([''], $options))->complement()
                : $missing;
        }
        $values = array_map(strval(...), array_keys(Plain::set($operand, $field->type)));

        return Discrete::of(
            $field->type === FieldType::OneOf
                ? array_values(array_filter($values, static fn(string $one): bool => isset($field->options[$one])))
                : $values,
            $options,
        );
    }

    private static function ranges(FieldType $type, string $code, mixed $operand): Ranges
    {
        $whole = $type !== FieldType::Number;
        $values = array_map(
            static fn(mixed $one): int|float => self::point($one, $type),
            array_values(is_array($operand) ? $operand : ($operand === null ? [] : [$operand])),
        );
        [$first, $second] = [$values[0] ?? null, $values[1] ?? null];

        return match ($code) {
            'is_empty' => Ranges::missing(),
            'is' => Ranges::between($first, $first, true, $whole),
            'one_of' => array_reduce(
                $values,
                static fn(Ranges $all, int|float $one): Ranges => $all->or(Ranges::between($one, $one, true, $whole)),
                Ranges::between(0, 0, false, $whole),
            ),
            'less_than', 'before' => Ranges::between(null, $first, false, $whole),
            'at_most' => Ranges::between(null, $first, true, $whole),
            'more_than', 'after' => Ranges::between($first, null, false, $whole),
            'at_least' => Ranges::between($first, null, true, $whole),
            'between' => $first <= $second
                ? Ranges::between($first, $second, true, $whole)
                : Ranges::between(null, $second, true, $whole)->or(Ranges::between($first, null, true, $whole)),
            default => throw new LogicException("\"{$code}\" is not an operator of ordered values."),
        };
    }

    private static function point(mixed $value, FieldType $type): int|float
    {
        return match (true) {
            is_string($value) && $type === FieldType::Date => LocalDate::parse($value)->day,
            is_string($value) && $type === FieldType::Time => TimeOfDay::parse($value)->minute,
            is_int($value), is_float($value) => $value,
            default => throw new LogicException('Criteria are read before they are examined.'),
        };
    }

    private static function ofList(Field $field, string $code, mixed $operand, bool $holds): Terms
    {
        $options = $field->type === FieldType::ManyOf ? count($field->options) : null;
        if ($code === 'is_empty') {
            return Terms::of([Term::that(new Atom(AtomKind::HasAny, $field->path, '', $options), !$holds)]);
        }
        $has = [];
        foreach (array_keys(Plain::set($operand, $field->type)) as $value) {
            if ($field->type !== FieldType::ManyOf || isset($field->options[$value])) {
                $has[] = Terms::of([Term::that(new Atom(AtomKind::Has, $field->path, (string) $value), $holds)]);
            } elseif ($code === 'matches_all') {
                // A value that is on no list is in none.
                $has[] = Terms::of($holds ? [] : [Term::always()]);
            }
        }
        $together = ($code === 'matches_all') === $holds;

        return array_reduce(
            $has,
            static fn(Terms $all, Terms $one): Terms => $together ? $all->and($one) : $all->or($one),
            $together ? Terms::always() : Terms::of([]),
        );
    }
}
