<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** The path of a field that the house has added. */
final readonly class SettableField implements ParameterType
{
    use PlainValue;

    public static function control(): Control
    {
        return Control::SettableField;
    }

    public function read(Node $node, RuleContext $context): string
    {
        return Assignment::settable($node, $context)->path;
    }

    public function schema(): array
    {
        return TextLimits::schema(TextLimits::ID);
    }

    public function bounds(): array
    {
        return [];
    }
}
