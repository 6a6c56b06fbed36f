<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;

/**
 * A type of parameters: from it follow how values are read, written and checked, their JSON Schema and the control that
 * edits them.
 */
interface ParameterType
{
    /** The control that edits such values; the editor has one for each. */
    public static function control(): Control;

    /**
     * @return mixed the value of the core
     *
     * @throws DocumentError where it is not right in itself, or names what the house does not have
     */
    public function read(Node $node, RuleContext $context): mixed;

    /** The value as it stands in documents. */
    public function write(mixed $value): mixed;

    /** @return array<string, mixed> a JSON Schema (2020-12) */
    public function schema(): array;

    /** @return array<string, mixed> what the control has to know besides, as JSON */
    public function bounds(): array;
}
