<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

/** A way of choosing that goes by the state of a rotation. */
interface UsesRotation extends Method
{
    public function rotationName(): string;
}
