<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Foreseen;
use RuntimeException;

/** Something can't be done with a case as it is by now: it is closed, or open, or stands there already. */
final class CaseRefused extends RuntimeException implements Foreseen
{
    public function __construct()
    {
        parent::__construct('The case is not as it was any more.');
    }
}
