<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;

/** Criteria, as a rule has them. */
final readonly class ConditionType implements ParameterType
{
    public static function control(): Control
    {
        return Control::Condition;
    }

    public function read(Node $node, RuleContext $context): Condition
    {
        return new Condition((new CriteriaFormat($context))->read($node), $context->fields);
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof Condition
            ? (new CriteriaFormat(new RuleContext(KindRegistry::standard(), $value->fields)))->write($value->criteria)
            : $value;
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/criteria'];
    }

    public function bounds(): array
    {
        return [];
    }
}
