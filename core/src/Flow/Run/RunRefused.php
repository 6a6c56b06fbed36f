<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Foreseen;
use RuntimeException;

/** The run does not let that be done to it. */
final class RunRefused extends RuntimeException implements Foreseen
{
    public function __construct(public readonly RunRefusal $why)
    {
        parent::__construct($why->value);
    }
}
