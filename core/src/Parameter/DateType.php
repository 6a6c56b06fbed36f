<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Day;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\LocalDate;

/** A calendar date. */
final readonly class DateType implements ParameterType
{
    public static function control(): Control
    {
        return Control::Date;
    }

    public function read(Node $node, RuleContext $context): LocalDate
    {
        return Day::read($node);
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof LocalDate ? $value->format() : $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'date'];
    }

    public function bounds(): array
    {
        return [];
    }
}
