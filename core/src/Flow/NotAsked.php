<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Foreseen;
use RuntimeException;

/** Somebody answers who is not asked, or not any more: another answer came first, or it is settled. */
final class NotAsked extends RuntimeException implements Foreseen
{
    public function __construct()
    {
        parent::__construct('They are not asked, or not any more.');
    }
}
