<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Date;

use OpenBaton\Core\Flow\Run\Run;

/** So much working time after the run began. */
final readonly class AfterStart extends AfterInstant
{
    public static function kind(): string
    {
        return 'after_start';
    }

    protected function since(string $step, Run $run): int
    {
        return $run->startedAt;
    }
}
