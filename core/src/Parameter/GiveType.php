<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\GiveFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleParts;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\SubjectKind;

/** To whom a task that is made is given, as a rule says it. */
final readonly class GiveType implements ParameterType
{
    public static function control(): Control
    {
        return Control::Give;
    }

    public function read(Node $node, RuleContext $context): Give
    {
        $give = (new GiveFormat(new RuleParts($context->ofTasks(), SubjectKind::Task)))->read($node);

        return $give->seat === SeatName::Reviewer
            ? throw $node->get('seat')->fail('A task that is made waits for no review.')
            : $give;
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof Give ? GiveFormat::write($value) : $value;
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/give'];
    }

    public function bounds(): array
    {
        return [];
    }
}
