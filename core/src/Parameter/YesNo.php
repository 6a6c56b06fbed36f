<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;

final readonly class YesNo implements ParameterType
{
    use PlainValue;

    public static function control(): Control
    {
        return Control::YesNo;
    }

    public function read(Node $node, RuleContext $context): bool
    {
        return $node->bool();
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }

    public function bounds(): array
    {
        return [];
    }
}
