<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldOperand;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Criteria\RelativeDate;

/**
 * Criteria as JsonLogic, over the values as documents write them (the path task.kind is {"task": {"kind": …}}).
 *
 * JsonLogic takes a missing value for 0 where it compares, so that comparisons of order say first that there is one. It
 * can't say what was before, days seen from now, teams, lengths of time in order, and texts and tags, which it compares
 * by every character.
 */
final readonly class JsonLogicWriter
{
    private const ORDER = [
        'less_than' => '<',
        'before' => '<',
        'at_most' => '<=',
        'more_than' => '>',
        'after' => '>',
        'at_least' => '>=',
    ];

    public function __construct(private FieldCatalogue $fields) {}

    /** @throws DocumentError with each place that JsonLogic can't say */
    public function write(Expression $expression): mixed
    {
        $faults = new Faults();
        $logic = $this->expression($expression, '', $faults);
        $faults->throwIfAny();

        return $logic;
    }

    private function expression(Expression $expression, string $pointer, Faults $faults): mixed
    {
        if ($expression instanceof Comparison) {
            return $faults->collect(fn(): mixed => $this->comparison($expression, Node::root(null, $pointer)));
        }
        if (!($expression instanceof Group)) {
            throw new LogicException('Unknown kind of expression.');
        }
        $kind = $expression->kind;
        $parts = [];
        foreach ($expression->parts as $place => $part) {
            $parts[] = $this->expression($part, "{$pointer}/{$kind->value}/{$place}", $faults);
        }

        return match (true) {
            // An "and" of nothing is no truth in JsonLogic.
            $parts === [] => $kind !== GroupKind::Any,
            $kind === GroupKind::All => ['and' => $parts],
            $kind === GroupKind::Any => ['or' => $parts],
            default => ['!' => [['or' => $parts]]],
        };
    }

    /** @throws DocumentError where JsonLogic can't say it */
    private function comparison(Comparison $comparison, Node $place): mixed
    {
        $field = $this->fields->compared($comparison->path) ?? throw $place->fail('There is no such field.');
        $op = $comparison->operator;
        $var = ['var' => $field->path];
        if ($op === 'is_empty' || $op === 'is_filled') {
            return $this->emptiness($field, $op === 'is_empty');
        }
        if ($field->type === FieldType::Text || $field->type === FieldType::Tags) {
            throw $place->fail(
                'JsonLogic tells upper from lower case, so that it can\'t compare "{field}".',
                field: $field->label,
            );
        }
        if ($comparison->operand instanceof RelativeDate) {
            throw $place->fail('JsonLogic knows no day seen from now.');
        }
        if ($comparison->operand instanceof FieldOperand) {
            return $this->withField($var, $op, ['var' => $comparison->operand->path], $place);
        }
        $value = $comparison->operand === null ? null : ValueCodec::write($comparison->operand, $field->type);
        $ordered = isset(self::ORDER[$op]) || $op === 'between';
        if ($ordered && $field->type === FieldType::Duration) {
            throw $place->fail('JsonLogic can\'t put lengths of time in order.');
        }

        return match (true) {
            $op === 'is' => ['===' => [$var, $value]],
            $op === 'is_not' => ['!==' => [$var, $value]],
            $op === 'one_of' => ['in' => [$var, $value]],
            $op === 'none_of' => ['!' => [['in' => [$var, $value]]]],
            $op === 'matches_any' => ['some' => [$var, ['in' => [['var' => ''], $value]]]],
            $op === 'matches_none' => ['none' => [$var, ['in' => [['var' => ''], $value]]]],
            $op === 'matches_all' => [
                'and' => array_map(static fn(mixed $one): array => ['in' => [$one, $var]], (array) $value),
            ],
            isset(self::ORDER[$op]) => self::filled($var, [self::ORDER[$op] => [$var, $value]]),
            $op === 'between' && is_array($value) => self::between($var, $value[0], $value[1]),
            default => throw $place->fail('JsonLogic can\'t say "{op}".', op: $op),
        };
    }

    private function emptiness(Field $field, bool $empty): mixed
    {
        $var = ['var' => $field->path];

        return match (true) {
            $field->type->isList(), $field->type === FieldType::Text => [$empty ? '!' : '!!' => [$var]],
            default => [$empty ? '===' : '!==' => [$var, null]],
        };
    }

    /**
     * @param array<string, string> $var
     * @param array<string, string> $other
     */
    private function withField(array $var, string $op, array $other, Node $place): mixed
    {
        $equal = self::filled($var, ['===' => [$var, $other]]);

        return match (true) {
            $op === 'is', $op === 'same_person_as' => $equal,
            $op === 'is_not' => ['!' => [$equal]],
            isset(self::ORDER[$op]) => self::filled($other, self::filled($var, [self::ORDER[$op] => [$var, $other]])),
            default => throw $place->fail('JsonLogic can\'t say "{op}".', op: $op),
        };
    }

    /** Over midnight where the first is the later. */
    private static function between(mixed $var, mixed $low, mixed $high): mixed
    {
        return self::filled(
            $var,
            $low <= $high ? ['<=' => [$low, $var, $high]] : ['or' => [['<=' => [$low, $var]], ['<=' => [$var, $high]]]],
        );
    }

    /** @return array<string, mixed> */
    private static function filled(mixed $var, mixed $logic): array
    {
        return ['and' => [['!==' => [$var, null]], $logic]];
    }
}
