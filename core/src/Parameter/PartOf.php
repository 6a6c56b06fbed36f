<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;

/** Another part of a rule, as a pool is of a union. */
final readonly class PartOf implements ParameterType
{
    public function __construct(public Family $family) {}

    public static function control(): string
    {
        return 'part';
    }

    public function read(Node $node, RuleContext $context): Part
    {
        return PartFormat::read($node, $this->family, $context);
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof Part ? PartFormat::write($value) : $value;
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/'.$this->family->value];
    }

    public function bounds(): array
    {
        return ['family' => $this->family->value];
    }
}
