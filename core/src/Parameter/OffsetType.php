<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\OffsetUnit;

/** How long before or after a date, such as "-20 days". */
final readonly class OffsetType implements ParameterType
{
    public static function control(): Control
    {
        return Control::Offset;
    }

    public function read(Node $node, RuleContext $context): Offset
    {
        return $node->refuse(static fn(): Offset => Offset::parse($node->text()));
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof Offset ? $value->format() : $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => Offset::PATTERN];
    }

    public function bounds(): array
    {
        return ['values' => array_column(OffsetUnit::cases(), 'value'), 'most' => Offset::MOST];
    }
}
