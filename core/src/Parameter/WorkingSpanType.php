<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\WorkingSpan;

/** A length of working time, in minutes or in whole days; ISO 8601 in documents. */
final readonly class WorkingSpanType implements ParameterType
{
    public static function control(): Control
    {
        return Control::WorkingSpan;
    }

    public function read(Node $node, RuleContext $context): WorkingSpan
    {
        return $node->refuse(static fn(): WorkingSpan => WorkingSpan::parse($node->text()));
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof WorkingSpan ? $value->format() : $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => WorkingSpan::PATTERN];
    }

    public function bounds(): array
    {
        return ['most_days' => WorkingSpan::MOST_DAYS, 'most_minutes' => WorkingSpan::MOST_MINUTES];
    }
}
