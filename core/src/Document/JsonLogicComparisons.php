<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldOperand;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Rulebook\RuleContext;

/** Single comparisons of JsonLogic as criteria say them. */
final readonly class JsonLogicComparisons
{
    /** By operator: that of numbers, that of dates and times, and how it reads from the right. */
    private const ORDER = [
        '<' => ['less_than', 'before', '>'],
        '<=' => ['at_most', null, '>='],
        '>' => ['more_than', 'after', '<'],
        '>=' => ['at_least', null, '<='],
    ];

    private CriteriaFormat $format;

    public function __construct(private RuleContext $context)
    {
        $this->format = new CriteriaFormat($context);
    }

    /** @param list<Node> $arguments */
    public function equal(Node $node, array $arguments): Expression
    {
        [$field, $other] = $this->sides($node, $arguments);
        if ($other instanceof Field) {
            $both = new Group(GroupKind::All, [self::isEmpty($field), self::isEmpty($other)]);
            $this->comparable($node, $field);

            return new Group(GroupKind::Any, [
                $both,
                new Comparison($field->path, 'is', new FieldOperand($other->path)),
            ]);
        }
        if ($other->value === null) {
            return $field->type->isList()
                ? throw $node->fail('An empty list is not null in JsonLogic; use {"!": …}.')
                : self::isEmpty($field);
        }
        $this->comparable($node, $field);

        return $this->comparison($node, $field, 'is', $other->value);
    }

    /** @param list<Node> $arguments */
    public function ordered(Node $node, string $op, array $arguments): Expression
    {
        if (count($arguments) === 3) {
            [$low, $middle, $high] = $arguments;

            return new Group(GroupKind::All, [
                $this->ordered($node, $op, [$low, $middle]),
                $this->ordered($node, $op, [$middle, $high]),
            ]);
        }
        [$field, $other, $turned] = $this->sides($node, $arguments);
        [$ofNumbers, $ofDates] = self::ORDER[$turned ? self::ORDER[$op][2] : $op];
        if ($field->type->isNumeric() && $field->type !== FieldType::Duration && !($other instanceof Field)) {
            $compared = $this->comparison($node, $field, $ofNumbers, $other->value);
            $zero = (float) (is_numeric($other->value) ? $other->value : 0);
            $holds = match ($ofNumbers) {
                'less_than' => $zero > 0,
                'at_most' => $zero >= 0,
                'more_than' => $zero < 0,
                default => $zero <= 0,
            };

            // A missing value counts as 0.
            return $holds ? new Group(GroupKind::Any, [self::isEmpty($field), $compared]) : $compared;
        }
        if ($field->type !== FieldType::Date && $field->type !== FieldType::Time) {
            throw $node->fail('"{field}" has no order that JsonLogic and criteria share.', field: $field->label);
        }
        $strict = $ofDates ?? ($ofNumbers === 'at_most' ? 'before' : 'after');
        $compared =
            $other instanceof Field
                ? new Comparison($field->path, $strict, new FieldOperand($other->path))
                : $this->comparison($node, $field, $strict, $other->value);
        if ($ofDates !== null) {
            return $compared;
        }

        return new Group(GroupKind::Any, [
            $compared,
            $other instanceof Field
                ? new Comparison($field->path, 'is', new FieldOperand($other->path))
                : $this->comparison($node, $field, 'is', $other->value),
        ]);
    }

    /** @param list<Node> $arguments */
    public function in(Node $node, array $arguments): Expression
    {
        if (count($arguments) !== 2) {
            throw $node->fail('"in" takes two things.');
        }
        [$one, $list] = $arguments;
        $field = $this->fieldOf($one);
        if ($field !== null) {
            $this->comparable($node, $field);

            return $this->comparison($node, $field, 'one_of', $list->value);
        }
        $field = $this->fieldOf($list) ?? throw $node->fail('"in" has a field on one side.');
        $this->comparable($node, $field);

        return $this->comparison($node, $field, 'matches_all', [$one->value]);
    }

    /** @param list<Node> $arguments */
    public function among(Node $node, string $op, array $arguments): Expression
    {
        $field = count($arguments) === 2 ? $this->fieldOf($arguments[0]) : null;
        $in = $field === null ? null : $arguments[1]->find('in')?->items();
        if ($field === null || $in === null || count($in) !== 2 || $in[0]->find('var')?->value !== '') {
            throw $node->fail('Of a list criteria can only say which values it has: {"in": [{"var": ""}, […]]}.');
        }
        $this->comparable($node, $field);

        return $this->comparison($node, $field, $op === 'some' ? 'matches_any' : 'matches_none', $in[1]->value);
    }

    /** What JsonLogic takes for not true: nothing, no, 0, an empty list or text. */
    public function falsy(Node $node): Expression
    {
        $field = $this->fieldOf($node) ?? throw $node->fail('A field belongs here.');

        return match (true) {
            $field->type === FieldType::YesNo => new Group(GroupKind::None, [new Comparison($field->path, 'is', true)]),
            $field->type === FieldType::Number, $field->type === FieldType::Money => new Group(GroupKind::Any, [
                self::isEmpty($field),
                new Comparison($field->path, 'is', 0),
            ]),
            default => self::isEmpty($field),
        };
    }

    private function comparison(Node $node, Field $field, string $op, mixed $value): Expression
    {
        try {
            return $this->format->read(Node::root(['field' => $field->path, 'op' => $op, 'value' => $value]));
        } catch (DocumentError $error) {
            throw $node->fail(
                'This can\'t be compared with "{field}": {reason}',
                field: $field->label,
                reason: $error->faults[0]->reason,
            );
        }
    }

    /** @throws DocumentError where the two compare it in different ways */
    private function comparable(Node $node, Field $field): void
    {
        if ($field->type === FieldType::Text || $field->type === FieldType::Tags) {
            throw $node->fail(
                'JsonLogic tells upper from lower case, criteria do not: "{field}" can\'t be compared.',
                field: $field->label,
            );
        }
    }

    /**
     * @param list<Node> $arguments
     *
     * @return array{Field, Field|Node, bool} a field, what it is compared with, and whether it stood on the right
     */
    private function sides(Node $node, array $arguments): array
    {
        if (count($arguments) !== 2) {
            throw $node->fail('Two things are compared here.');
        }
        [$left, $right] = [$this->fieldOf($arguments[0]), $this->fieldOf($arguments[1])];

        return match (true) {
            $left !== null => [$left, $right ?? $arguments[1], false],
            $right !== null => [$right, $arguments[0], true],
            default => throw $node->fail('A field is compared with a value, or with another field.'),
        };
    }

    private function fieldOf(Node $node): ?Field
    {
        $var = $node->isObject() ? $node->find('var') : null;
        if ($var === null) {
            return null;
        }
        $path = is_array($var->value) && count($var->value) === 1 ? $var->items()[0]->text() : $var->text();

        return $this->context->fields->compared($path) ?? throw $var->fail('There is no field "{path}".', path: $path);
    }

    private static function isEmpty(Field $field): Comparison
    {
        return new Comparison($field->path, 'is_empty');
    }
}
