<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** The path of a field of a certain type, or of any. */
final readonly class FieldReference implements ParameterType
{
    use PlainValue;

    /** @param FieldType|null $of the type that it must have; null: any */
    public function __construct(private ?FieldType $of) {}

    public static function control(): Control
    {
        return Control::Field;
    }

    public function read(Node $node, RuleContext $context): string
    {
        $path = $node->line(TextLimits::ID);

        $field = $context->fields->find($path);

        return $field !== null && ($this->of === null || $field->type === $this->of)
            ? $path
            : throw match ($this->of) {
                null => $node->fail('There is no field "{path}".', path: $path),
                FieldType::Person => $node->fail('"{path}" is not a field that holds a person.', path: $path),
                default => $node->fail(
                    '"{path}" is not a field of the type "{type}".',
                    path: $path,
                    type: $this->of->value,
                ),
            };
    }

    public function schema(): array
    {
        return TextLimits::schema(TextLimits::ID);
    }

    public function bounds(): array
    {
        return $this->of === null ? [] : ['of' => $this->of->value];
    }
}
