<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\TimeOfDay;

/** A reading of the clock, such as 09:30. */
final readonly class TimeOfDayType implements ParameterType
{
    public static function control(): Control
    {
        return Control::TimeOfDay;
    }

    public function read(Node $node, RuleContext $context): TimeOfDay
    {
        return $node->refuse(static fn(): TimeOfDay => TimeOfDay::parse($node->text()));
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof TimeOfDay ? $value->format() : $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => TimeOfDay::PATTERN];
    }

    public function bounds(): array
    {
        return [];
    }
}
