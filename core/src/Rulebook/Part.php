<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Parameter\Parameter;

/**
 * A part of a rule that comes in kinds and is written as an object with its
 * "kind". A new kind is one class, one line in StandardKinds and one sentence
 * in resources/words; docs/adding-a-kind.md shows how.
 */
interface Part
{
    /** Its code, which never changes. */
    public static function kind(): string;

    /** @return list<Parameter> in the order of the constructor's arguments */
    public static function parameters(): array;
}
