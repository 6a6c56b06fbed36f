<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** A text of a line, such as a tag or the name of a rotation; outer blanks do not belong to it. */
final readonly class ShortText implements ParameterType
{
    use PlainValue;

    public function __construct(private int $most) {}

    public static function control(): Control
    {
        return Control::ShortText;
    }

    public function read(Node $node, RuleContext $context): string
    {
        return $node->line($this->most);
    }

    public function schema(): array
    {
        return TextLimits::schema($this->most);
    }

    public function bounds(): array
    {
        return ['most' => $this->most];
    }
}
