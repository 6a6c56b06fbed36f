<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\CriteriaCheck;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\OperatorList;

/** Criteria as {"all": […]}, {"any": […]}, {"none": […]} and {"field", "op", "value"}. */
final readonly class CriteriaFormat
{
    public function __construct(private FieldCatalogue $catalogue) {}

    /** @throws DocumentError where the tree is not right for the catalogue */
    public function read(Node $node): Expression
    {
        $expression = $this->expression($node, 0);
        $faults = (new CriteriaCheck($this->catalogue))->faults($expression, $node->pointer);

        return $faults === [] ? $expression : throw new DocumentError($faults);
    }

    private function expression(Node $node, int $depth): Expression
    {
        if ($depth > 16) {
            throw $node->fail('Groups are nested too deep.');
        }
        foreach (GroupKind::cases() as $kind) {
            $parts = $node->find($kind->value);
            if ($parts !== null) {
                if (count($node->members()) > 1) {
                    throw $node->fail("A group has only its \"{$kind->value}\".");
                }

                return new Group($kind, array_map(fn(Node $part): Expression => $this->expression($part, $depth + 1), $parts->items()));
            }
        }

        return $this->comparison($node);
    }

    private function comparison(Node $node): Comparison
    {
        $path = $node->get('field')->text();
        $field = $this->catalogue->find($path) ?? throw $node->get('field')->fail("There is no field \"{$path}\".");
        $code = $node->get('op')->text();
        $operator = OperatorList::find($code) ?? throw $node->get('op')->fail("There is no operator \"{$code}\".");

        return new Comparison($path, $code, match ($operator->shape()) {
            OperandShape::Nothing => $node->has('value') ? throw $node->get('value')->fail('This comparison takes no value.') : null,
            OperandShape::One => ValueCodec::readOne($node->get('value'), $field),
            OperandShape::Days => $node->get('value')->int(),
            OperandShape::Several, OperandShape::Pair => $this->several($node->get('value'), $field),
        });
    }

    /** @return list<string|int|float> */
    private function several(Node $node, Field $field): array
    {
        $values = [];
        foreach ($node->items() as $item) {
            $value = ValueCodec::readOne($item, $field);
            $values[] = is_bool($value) ? throw $item->fail('Yes or no does not go into a list.') : $value;
        }

        return $values;
    }

    /** @return array<string, mixed> */
    public function write(Expression $expression): array
    {
        if ($expression instanceof Group) {
            return [$expression->kind->value => array_map($this->write(...), $expression->parts)];
        }
        if (! $expression instanceof Comparison) {
            throw new LogicException('Unknown kind of expression.');
        }

        return $this->writeComparison($expression);
    }

    /** @return array<string, mixed> */
    public function writeComparison(Comparison $comparison): array
    {
        $document = ['field' => $comparison->path, 'op' => $comparison->operator];
        $type = $this->catalogue->find($comparison->path)?->type;
        $shape = OperatorList::find($comparison->operator)?->shape();
        if ($comparison->operand === null || $type === null) {
            return $document;
        }

        return $document + ['value' => $shape === OperandShape::Days ? $comparison->operand : ValueCodec::write($comparison->operand, $type)];
    }
}
