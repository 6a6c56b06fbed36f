<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** Another step of the same runsheet, by its key; that it is there is known once all of the runsheet is read. */
final readonly class StepReference implements ParameterType
{
    use PlainValue;

    public static function control(): Control
    {
        return Control::Step;
    }

    public function read(Node $node, RuleContext $context): string
    {
        return $node->line(TextLimits::ID);
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
