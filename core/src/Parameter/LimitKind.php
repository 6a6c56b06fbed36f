<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\Family;
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
        $kind = $node->line(TextLimits::ID);
        $known = $context->kinds->of(Family::Limit);

        return isset($known[$kind])
            ? $kind
            : throw $node->fail(
                '"{kind}" is not one of: {known}.',
                kind: $kind,
                known: implode(', ', array_keys($known)),
            );
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
