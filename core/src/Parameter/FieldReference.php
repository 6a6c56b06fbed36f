<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** The path of a field of a certain type. */
final readonly class FieldReference implements ParameterType
{
    use PlainValue;

    /** @param FieldType $of the type that it must have */
    public function __construct(private FieldType $of) {}

    public static function control(): Control
    {
        return Control::Field;
    }

    public function read(Node $node, RuleContext $context): string
    {
        $path = $node->line(TextLimits::ID);

        return $context->fields->find($path)?->type === $this->of
            ? $path
            : throw match ($this->of) {
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
        return ['of' => $this->of->value];
    }
}
