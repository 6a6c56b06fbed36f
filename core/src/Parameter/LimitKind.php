<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;

/** A kind of limit, of which the rule has one. */
final readonly class LimitKind implements ParameterType
{
    use PlainValue;

    public static function control(): Control
    {
        return Control::LimitKind;
    }

    public function read(Node $node, RuleContext $context): string
    {
        return PartFormat::known($node, Family::Limit, $context)::kind();
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
