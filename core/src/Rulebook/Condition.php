<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\FieldCatalogue;

/** Criteria beside those of a rule, with the fields that they may ask about; compiled when they are first asked. */
final class Condition
{
    private ?CompiledCriteria $compiled = null;

    public function __construct(public readonly Expression $criteria, public readonly FieldCatalogue $fields) {}

    public function compiled(): CompiledCriteria
    {
        return $this->compiled ??= CompiledCriteria::compile($this->criteria, $this->fields);
    }

    /** @return array{Expression, FieldCatalogue} without what is compiled, which cannot be kept */
    public function __serialize(): array
    {
        return [$this->criteria, $this->fields];
    }

    /** @param array{Expression, FieldCatalogue} $kept */
    public function __unserialize(array $kept): void
    {
        [$this->criteria, $this->fields] = $kept;
    }
}
