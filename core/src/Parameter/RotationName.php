<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** The name of a rotation; one that was never used begins a new one. */
final readonly class RotationName implements ParameterType
{
    use PlainValue;

    public static function control(): Control
    {
        return Control::Rotation;
    }

    public function read(Node $node, RuleContext $context): string
    {
        return $node->line(TextLimits::ROTATION);
    }

    public function schema(): array
    {
        return TextLimits::schema(TextLimits::ROTATION);
    }

    public function bounds(): array
    {
        return ['most' => TextLimits::ROTATION];
    }
}
