<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldOperand;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Criteria\HistoryOperator;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;
use OpenBaton\Core\Criteria\Operator\WithinNext;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Criteria\RelativeDate;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\Rulebook\RuleContext;

/** Criteria as {"all": […]}, {"any": […]}, {"none": […]} and {"field", "op", "value"}. */
final readonly class CriteriaFormat
{
    public const DEEPEST = 32;

    public const MOST_DAYS = 3660;

    public function __construct(private RuleContext $context) {}

    /** @throws DocumentError with all that is not right for the fields of the house */
    public function read(Node $node): Expression
    {
        $faults = new Faults();
        $expression = $faults->collect(fn(): Expression => $this->expression($node, 0, $faults));
        $faults->throwIfAny();

        return $expression ?? throw new LogicException('What could not be read has no fault.');
    }

    private function expression(Node $node, int $depth, Faults $faults): Expression
    {
        if ($depth > self::DEEPEST) {
            throw $node->fail('Groups are nested more than {most} deep; split the rule in two.', most: self::DEEPEST);
        }
        foreach (GroupKind::cases() as $kind) {
            $parts = $node->find($kind->value);
            if ($parts !== null) {
                $faults->add(...$node->strangers([$kind->value]));

                return new Group(
                    $kind,
                    array_values(
                        array_filter(
                            array_map(
                                fn(Node $part): ?Expression => $faults->collect(
                                    fn(): Expression => $this->expression($part, $depth + 1, $faults),
                                ),
                                $parts->items(),
                            ),
                        ),
                    ),
                );
            }
        }

        return $this->comparison($node, $faults);
    }

    private function comparison(Node $node, Faults $faults): Comparison
    {
        $faults->add(...$node->strangers(['field', 'op', 'value']));
        $path = $node->get('field')->line(TextLimits::ID);
        $field =
            $this->context->fields->compared($path) ??
            throw $node->get('field')->fail('There is no field "{path}".', path: $path);
        $code = $node->get('op')->line(60);
        $operator =
            OperatorList::find($code) ?? throw $node->get('op')->fail('There is no operator "{code}".', code: $code);
        if (!$this->fits($operator, $field)) {
            $fitting = array_filter(OperatorList::all(), fn(Operator $one): bool => $this->fits($one, $field));

            throw $node
                ->get('op')
                ->fail(
                    '"{code}" does not fit {field}; use one of: {fitting}.',
                    code: $code,
                    field: $field->label,
                    fitting: implode(', ', array_keys($fitting)),
                );
        }

        return new Comparison(
            $path,
            $code,
            match ($operator->shape()) {
                OperandShape::Nothing => $node->has('value')
                    ? throw $node->get('value')->fail('This comparison takes no value.')
                    : null,
                OperandShape::One => $this->one($node->get('value'), $field),
                OperandShape::Days => $this->days($node->get('value'), $code === WithinNext::CODE),
                OperandShape::Several => $this->several($node->get('value'), $field),
                OperandShape::Pair => $this->pair($node->get('value'), $field),
                OperandShape::FromTo => $this->fromTo($node->get('value'), $field),
                OperandShape::Field => $this->field($node->get('value'), $field),
                OperandShape::Team => (new TeamReference())->read($node->get('value'), $this->context),
            },
        );
    }

    /** A moment was never another one. */
    private function fits(Operator $operator, Field $field): bool
    {
        return $operator->fits($field->type) &&
            !($operator instanceof HistoryOperator && isset($this->context->fields->ofMoment[$field->path]));
    }

    /** A value, {"field": path} or {"now": a day seen from now}. */
    private function one(Node $node, Field $field): string|int|float|bool|FieldOperand|RelativeDate
    {
        return match (true) {
            !$node->isObject() => ValueCodec::readOne($node, $field, $this->context->roster),
            $node->has('now') && $field->type === FieldType::Date => $this->relative($node),
            default => $this->field($node, $field),
        };
    }

    private function relative(Node $node): RelativeDate
    {
        $node->only(['now']);

        return $node->get('now')->refuse(static fn(): RelativeDate => RelativeDate::parse($node->get('now')->text()));
    }

    private function field(Node $node, Field $field): FieldOperand
    {
        $node->only(['field']);
        $path = $node->get('field')->line(TextLimits::ID);
        $other =
            $this->context->fields->compared($path) ??
            throw $node->get('field')->fail('There is no field "{path}".', path: $path);
        if ($other->type !== $field->type || $other->path === $field->path) {
            throw $node
                ->get('field')
                ->fail('Another field of the type "{type}" belongs here.', type: $field->type->value);
        }

        return new FieldOperand($path);
    }

    /** A number of days, or {"now": a distance}. */
    private function days(Node $node, bool $ahead): int|RelativeDate
    {
        if (!$node->isObject()) {
            return $node->intBetween(1, self::MOST_DAYS);
        }
        $day = $this->relative($node);

        return str_starts_with($day->text, $ahead ? '+' : '-')
            ? $day
            : throw $node
                ->get('now')
                ->fail(
                    $ahead
                        ? 'A distance that lies ahead belongs here, such as "+5 working_days".'
                        : 'A distance that lies behind belongs here, such as "-5 working_days".',
                );
    }

    /** @return list<string|int|float> */
    private function fromTo(Node $node, Field $field): array
    {
        $values = $this->several($node, $field);

        return count($values) === 2 ? $values : throw $node->fail('Give two values: what it was, and what it is.');
    }

    /** @return list<string|int|float> */
    private function several(Node $node, Field $field): array
    {
        $values = [];
        foreach ($node->items() as $item) {
            $value = ValueCodec::readOne($item, $field, $this->context->roster);
            $values[] = is_bool($value) ? throw $item->fail('Yes or no does not go into a list.') : $value;
        }

        return $values === [] ? throw $node->unfinished('Give at least one value.') : $values;
    }

    /** @return list<string|int|float> */
    private function pair(Node $node, Field $field): array
    {
        $values = $this->several($node, $field);

        // From 17:00 to 08:00 is over midnight.
        return count($values) === 2 && ($field->type === FieldType::Time || $values[0] <= $values[1])
            ? $values
            : throw $node->fail('Give two values, the lower one first.');
    }

    /** @return array<string, mixed> */
    public function write(Expression $expression): array
    {
        return match (true) {
            $expression instanceof Group => [
                $expression->kind->value => array_map($this->write(...), $expression->parts),
            ],
            $expression instanceof Comparison => $this->writeComparison($expression),
            default => throw new LogicException('Unknown kind of expression.'),
        };
    }

    /** @return array<string, mixed> */
    public function writeComparison(Comparison $comparison): array
    {
        $document = ['field' => $comparison->path, 'op' => $comparison->operator];
        if ($comparison->operand instanceof FieldOperand) {
            return $document + ['value' => ['field' => $comparison->operand->path]];
        }
        if ($comparison->operand instanceof RelativeDate) {
            return $document + ['value' => ['now' => $comparison->operand->text]];
        }
        $type = $this->context->fields->compared($comparison->path)?->type;
        $shape = OperatorList::find($comparison->operator)?->shape();
        if ($comparison->operand === null || $type === null) {
            return $document;
        }

        return $document + [
            'value' =>
                $shape === OperandShape::Days || $shape === OperandShape::Team
                    ? $comparison->operand
                    : ValueCodec::write($comparison->operand, $type),
        ];
    }
}
