<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\RuleContext;

/** A kind of task: one of the values of the field "task.kind". */
final readonly class TaskKindReference implements ParameterType
{
    use PlainValue;

    public const FIELD = 'task.kind';

    public static function control(): Control
    {
        return Control::TaskKind;
    }

    public function read(Node $node, RuleContext $context): string
    {
        $kind = $node->line(TextLimits::ID);

        return isset($context->anyField(self::FIELD)?->options[$kind])
            ? $kind
            : throw $node->fail('There is no kind of task "{kind}".', kind: $kind);
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
