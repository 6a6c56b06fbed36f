<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Rulebook\FieldChange;
use OpenBaton\Core\Rulebook\FieldChangeHow;
use OpenBaton\Core\Rulebook\RuleContext;

/** A field, and which changes of it are meant: any, filled, emptied, or from a value to another. */
final readonly class FieldChangeType implements ParameterType
{
    public static function control(): Control
    {
        return Control::FieldChange;
    }

    public function read(Node $node, RuleContext $context): FieldChange
    {
        $node->only(['field', 'how', 'from', 'to']);
        $path = $node->get('field')->line(TextLimits::ID);
        $field =
            $context->fields->find($path) ??
            throw $node->get('field')->fail('There is no field "{path}".', path: $path);
        $how = $node->find('how')?->case(FieldChangeHow::class) ?? FieldChangeHow::Any;
        $value = static fn(string $name): string|int|float|bool|null => $node->has($name)
            ? ValueCodec::readOne($node->get($name), $field, $context->roster)
            : null;
        if ($how !== FieldChangeHow::Values && ($node->has('from') || $node->has('to'))) {
            throw $node->fail('"from" and "to" go with "how": "values".');
        }
        if ($how === FieldChangeHow::Values && $field->type->isList()) {
            throw $node->fail(
                'A field that holds several values changes, is filled or emptied; it does not go from one to another.',
            );
        }
        if ($how === FieldChangeHow::Values && !$node->has('from') && !$node->has('to')) {
            throw $node->unfinished('Give "from", "to" or both.');
        }

        return new FieldChange($field, $how, $value('from'), $value('to'));
    }

    public function write(mixed $value): mixed
    {
        if (!($value instanceof FieldChange)) {
            return $value;
        }
        $written = static fn(Field $field, string|int|float|bool|null $one): mixed => $one === null
            ? null
            : ValueCodec::write($one, $field->type);

        return array_filter(
            [
                'field' => $value->field->path,
                'how' => $value->how->value,
                'from' => $written($value->field, $value->from),
                'to' => $written($value->field, $value->to),
            ],
            static fn(mixed $one): bool => $one !== null,
        );
    }

    public function schema(): array
    {
        $scalar = ['type' => ['string', 'number', 'boolean']];

        return [
            'type' => 'object',
            'properties' => [
                'field' => TextLimits::schema(TextLimits::ID),
                'how' => ['enum' => array_column(FieldChangeHow::cases(), 'value')],
                'from' => $scalar,
                'to' => $scalar,
            ],
            'required' => ['field'],
            'additionalProperties' => false,
        ];
    }

    public function bounds(): array
    {
        return ['values' => array_column(FieldChangeHow::cases(), 'value')];
    }
}
