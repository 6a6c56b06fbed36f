<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;

final readonly class WholeNumber implements ParameterType
{
    use PlainValue;

    public function __construct(private int $least, private int $most) {}

    public static function control(): Control
    {
        return Control::WholeNumber;
    }

    public function read(Node $node, RuleContext $context): int
    {
        return $node->intBetween($this->least, $this->most);
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }

    public function bounds(): array
    {
        return ['least' => $this->least, 'most' => $this->most];
    }
}
