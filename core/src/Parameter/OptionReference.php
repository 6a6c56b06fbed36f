<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** One of the values of a field that every house has, such as a stage. */
final readonly class OptionReference implements ParameterType
{
    use PlainValue;

    /** @param string $of path of the field */
    public function __construct(public string $of) {}

    public static function control(): Control
    {
        return Control::Option;
    }

    public function read(Node $node, RuleContext $context): string
    {
        $value = $node->line(TextLimits::ID);

        return isset($context->fields->find($this->of)?->options[$value])
            ? $value
            : throw $node->fail('"{value}" is not a value of "{path}".', value: $value, path: $this->of);
    }

    public function schema(): array
    {
        return TextLimits::schema(TextLimits::ID);
    }

    public function bounds(): array
    {
        return ['of' => $this->of];
    }
}
