<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\Recurrence;

/** A recurrence rule of RFC 5545, such as FREQ=WEEKLY;BYDAY=MO. */
final readonly class RecurrenceRule implements ParameterType
{
    use PlainValue;

    public static function control(): Control
    {
        return Control::Recurrence;
    }

    public function read(Node $node, RuleContext $context): string
    {
        $rule = strtoupper($node->line(Recurrence::MOST));
        $node->refuse(static fn() => Recurrence::mustBeKnown($rule));

        return $rule;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => Recurrence::MOST, 'pattern' => '^FREQ='];
    }

    public function bounds(): array
    {
        return ['most' => Recurrence::MOST];
    }
}
